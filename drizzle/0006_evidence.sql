CREATE TABLE `room_hour` (
	`place_id` integer NOT NULL,
	`hour` integer NOT NULL,
	`first_at` integer NOT NULL,
	`n` integer NOT NULL,
	`sum_temp_c` real NOT NULL,
	`sum_rh_fraction` real NOT NULL,
	PRIMARY KEY(`place_id`, `hour`),
	FOREIGN KEY (`place_id`) REFERENCES `place`(`id`) ON UPDATE no action ON DELETE no action
) STRICT;
--> statement-breakpoint
CREATE TABLE `room_season` (
	`place_id` integer NOT NULL,
	`month` integer NOT NULL,
	`hour` integer NOT NULL,
	`n` integer NOT NULL,
	`sum_temp_c` real NOT NULL,
	`sum_rh_fraction` real NOT NULL,
	PRIMARY KEY(`place_id`, `month`, `hour`),
	FOREIGN KEY (`place_id`) REFERENCES `place`(`id`) ON UPDATE no action ON DELETE no action
) STRICT;
--> statement-breakpoint
CREATE TABLE `batch_price` (
	`batch_id` integer PRIMARY KEY NOT NULL,
	`wood_minor` integer,
	`price_minor` integer,
	`version` integer DEFAULT 1 NOT NULL,
	FOREIGN KEY (`batch_id`) REFERENCES `batch`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "batch_price_wood" CHECK("batch_price"."wood_minor" is null or "batch_price"."wood_minor" >= 0),
	CONSTRAINT "batch_price_price" CHECK("batch_price"."price_minor" is null or "batch_price"."price_minor" >= 0)
) STRICT;
--> statement-breakpoint
CREATE TABLE `labelled` (
	`batch_id` integer PRIMARY KEY NOT NULL,
	`person_id` integer NOT NULL,
	`at` integer NOT NULL,
	FOREIGN KEY (`batch_id`) REFERENCES `batch`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action
) STRICT;
--> statement-breakpoint
CREATE TABLE `weigh_in` (
	`id` integer PRIMARY KEY NOT NULL,
	`client_id` text NOT NULL,
	`batch_id` integer NOT NULL,
	`grams` real NOT NULL,
	`person_id` integer NOT NULL,
	`at` integer NOT NULL,
	FOREIGN KEY (`batch_id`) REFERENCES `batch`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "weigh_in_grams" CHECK("weigh_in"."grams" > 0)
) STRICT;
--> statement-breakpoint
CREATE UNIQUE INDEX `weigh_in_client_id_unique` ON `weigh_in` (`client_id`);--> statement-breakpoint
CREATE INDEX `weigh_in_batch` ON `weigh_in` (`batch_id`,`at`);--> statement-breakpoint
ALTER TABLE `care_plan` ADD `language` text DEFAULT 'en' NOT NULL;--> statement-breakpoint
ALTER TABLE `care_plan` ADD `country` text;--> statement-breakpoint
ALTER TABLE `care_plan` ADD `holder_id` integer REFERENCES owner(id);--> statement-breakpoint
ALTER TABLE `care_plan` ADD `ended_at` integer;--> statement-breakpoint
ALTER TABLE `care_report` ADD `photo` text;--> statement-breakpoint
ALTER TABLE `care_report` ADD `person_id` integer REFERENCES person(id);--> statement-breakpoint
ALTER TABLE `outbox` ADD `kind` text DEFAULT 'look' NOT NULL;--> statement-breakpoint
ALTER TABLE `outbox` ADD `parcel` text;--> statement-breakpoint
ALTER TABLE `owner` ADD `bounced_at` integer;--> statement-breakpoint
ALTER TABLE `shop` ADD `hour_minor` integer;--> statement-breakpoint
ALTER TABLE `shop` ADD `slip_minor` integer;--> statement-breakpoint
ALTER TABLE `release` ADD `next` text;--> statement-breakpoint
ALTER TABLE `release` ADD `record` text;--> statement-breakpoint
CREATE TRIGGER `room_reading_kept` AFTER INSERT ON `room_reading` BEGIN
	INSERT INTO `room_hour` (`place_id`, `hour`, `first_at`, `n`, `sum_temp_c`, `sum_rh_fraction`)
		VALUES (new.`place_id`, new.`at` / 3600000, new.`at`, 1, new.`temp_c`, new.`rh_fraction`)
		ON CONFLICT (`place_id`, `hour`) DO UPDATE SET `first_at` = min(`first_at`, excluded.`first_at`), `n` = `n` + 1,
			`sum_temp_c` = `sum_temp_c` + excluded.`sum_temp_c`, `sum_rh_fraction` = `sum_rh_fraction` + excluded.`sum_rh_fraction`;
	INSERT INTO `room_season` (`place_id`, `month`, `hour`, `n`, `sum_temp_c`, `sum_rh_fraction`)
		VALUES (new.`place_id`, cast(strftime('%m', new.`at` / 1000, 'unixepoch') AS integer), (new.`at` / 3600000) % 24, 1, new.`temp_c`, new.`rh_fraction`)
		ON CONFLICT (`place_id`, `month`, `hour`) DO UPDATE SET `n` = `n` + 1,
			`sum_temp_c` = `sum_temp_c` + excluded.`sum_temp_c`, `sum_rh_fraction` = `sum_rh_fraction` + excluded.`sum_rh_fraction`;
END;
--> statement-breakpoint
INSERT INTO `room_hour` SELECT `place_id`, `at` / 3600000, min(`at`), count(*), sum(`temp_c`), sum(`rh_fraction`) FROM `room_reading` GROUP BY 1, 2;
--> statement-breakpoint
INSERT INTO `room_season` SELECT `place_id`, cast(strftime('%m', `at` / 1000, 'unixepoch') AS integer), (`at` / 3600000) % 24, count(*), sum(`temp_c`), sum(`rh_fraction`) FROM `room_reading` GROUP BY 1, 2, 3;
--> statement-breakpoint
CREATE TRIGGER `room_reading_stays` BEFORE UPDATE OF `at`, `place_id`, `temp_c`, `rh_fraction` ON `room_reading` BEGIN
	SELECT raise(ABORT, 'a reading is not changed');
END;
--> statement-breakpoint
CREATE TRIGGER `release_stays` BEFORE UPDATE ON `release` BEGIN
	SELECT raise(ABORT, 'a release record is not changed');
END;
--> statement-breakpoint
CREATE TRIGGER `release_is_kept` BEFORE DELETE ON `release` BEGIN
	SELECT raise(ABORT, 'a release record is not deleted');
END;
