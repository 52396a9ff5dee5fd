CREATE TABLE `house_rule` (
	`id` integer PRIMARY KEY NOT NULL,
	`question` text NOT NULL,
	`school` text NOT NULL,
	`reason` text NOT NULL,
	`person_id` integer NOT NULL,
	`at` integer NOT NULL,
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "house_rule_why" CHECK(trim("house_rule"."reason") <> '')
) STRICT;
--> statement-breakpoint
CREATE INDEX `house_rule_question` ON `house_rule` (`question`);--> statement-breakpoint
CREATE TABLE `trial` (
	`id` integer PRIMARY KEY NOT NULL,
	`number` text NOT NULL,
	`name` text NOT NULL,
	`question` text NOT NULL,
	`kinds` text NOT NULL,
	`wear` text NOT NULL,
	`protocol` text NOT NULL,
	`threshold` real NOT NULL,
	`bearer` text NOT NULL,
	`species_id` text NOT NULL,
	`boards` integer NOT NULL,
	`length_mm` real NOT NULL,
	`width_mm` real NOT NULL,
	`seed` integer NOT NULL,
	`person_id` integer NOT NULL,
	`at` integer NOT NULL,
	`closed_at` integer,
	`closed_why` text DEFAULT '' NOT NULL,
	`version` integer DEFAULT 1 NOT NULL,
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "trial_question" CHECK(question in ('gloss', 'colour-kept', 'feel', 'drop', 'wash-out', 'odour', 'over-paint', 'knife-marks', 'darkened', 'shift-since', 'shine')),
	CONSTRAINT "trial_wear" CHECK(wear in ('wash', 'sun', 'heat', 'knife')),
	CONSTRAINT "trial_bearer" CHECK(bearer in ('boards', 'halves', 'spoon', 'scrap')),
	CONSTRAINT "trial_boards" CHECK("trial"."boards" > 0),
	CONSTRAINT "trial_length" CHECK("trial"."length_mm" > 0),
	CONSTRAINT "trial_width" CHECK("trial"."width_mm" > 0)
) STRICT;
--> statement-breakpoint
CREATE UNIQUE INDEX `trial_number_unique` ON `trial` (`number`);--> statement-breakpoint
CREATE TABLE `trial_cycle` (
	`id` integer PRIMARY KEY NOT NULL,
	`client_id` text NOT NULL,
	`trial_id` integer NOT NULL,
	`wear` text NOT NULL,
	`note` text DEFAULT '' NOT NULL,
	`takes_back` integer,
	`person_id` integer NOT NULL,
	`at` integer NOT NULL,
	FOREIGN KEY (`trial_id`) REFERENCES `trial`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`takes_back`) REFERENCES `trial_cycle`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "trial_cycle_wear" CHECK(wear in ('wash', 'sun', 'heat', 'knife'))
) STRICT;
--> statement-breakpoint
CREATE UNIQUE INDEX `trial_cycle_client_id_unique` ON `trial_cycle` (`client_id`);--> statement-breakpoint
CREATE INDEX `trial_cycle_trial` ON `trial_cycle` (`trial_id`);--> statement-breakpoint
CREATE TABLE `trial_field` (
	`trial_id` integer NOT NULL,
	`board` integer NOT NULL,
	`place` integer NOT NULL,
	`treatment_id` integer NOT NULL,
	PRIMARY KEY(`trial_id`, `board`, `place`),
	FOREIGN KEY (`trial_id`) REFERENCES `trial`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`treatment_id`) REFERENCES `trial_treatment`(`id`) ON UPDATE no action ON DELETE no action
) STRICT;
--> statement-breakpoint
CREATE TABLE `trial_picture` (
	`id` integer PRIMARY KEY NOT NULL,
	`client_id` text NOT NULL,
	`trial_id` integer NOT NULL,
	`board` integer NOT NULL,
	`cycle` integer NOT NULL,
	`lamp` text NOT NULL,
	`photo` text NOT NULL,
	`corners` text NOT NULL,
	`reading` text NOT NULL,
	`person_id` integer NOT NULL,
	`at` integer NOT NULL,
	FOREIGN KEY (`trial_id`) REFERENCES `trial`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "trial_picture_lamp" CHECK(lamp in ('even', 'low'))
) STRICT;
--> statement-breakpoint
CREATE UNIQUE INDEX `trial_picture_client_id_unique` ON `trial_picture` (`client_id`);--> statement-breakpoint
CREATE INDEX `trial_picture_trial` ON `trial_picture` (`trial_id`);--> statement-breakpoint
CREATE TABLE `trial_score` (
	`id` integer PRIMARY KEY NOT NULL,
	`client_id` text NOT NULL,
	`trial_id` integer NOT NULL,
	`board` integer NOT NULL,
	`place` integer NOT NULL,
	`cycle` integer NOT NULL,
	`kind` text NOT NULL,
	`value` real NOT NULL,
	`blind` integer NOT NULL,
	`scorer` text DEFAULT '' NOT NULL,
	`person_id` integer NOT NULL,
	`at` integer NOT NULL,
	FOREIGN KEY (`trial_id`) REFERENCES `trial`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "trial_score_kind" CHECK(kind in ('gloss', 'colour-kept', 'feel', 'drop', 'wash-out', 'odour', 'over-paint', 'knife-marks', 'darkened', 'shift-since', 'shine')),
	CONSTRAINT "trial_score_value" CHECK("trial_score"."value" >= 0)
) STRICT;
--> statement-breakpoint
CREATE UNIQUE INDEX `trial_score_client_id_unique` ON `trial_score` (`client_id`);--> statement-breakpoint
CREATE INDEX `trial_score_trial` ON `trial_score` (`trial_id`);--> statement-breakpoint
CREATE TABLE `trial_treatment` (
	`id` integer PRIMARY KEY NOT NULL,
	`trial_id` integer NOT NULL,
	`ordinal` integer NOT NULL,
	`name` text NOT NULL,
	`is_bare` integer NOT NULL,
	`batch_id` integer NOT NULL,
	FOREIGN KEY (`trial_id`) REFERENCES `trial`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`batch_id`) REFERENCES `batch`(`id`) ON UPDATE no action ON DELETE no action
) STRICT;
--> statement-breakpoint
CREATE UNIQUE INDEX `trial_treatment_batch_id_unique` ON `trial_treatment` (`batch_id`);--> statement-breakpoint
CREATE UNIQUE INDEX `trial_treatment_ordinal` ON `trial_treatment` (`trial_id`,`ordinal`);--> statement-breakpoint
ALTER TABLE `design` ADD `is_field` integer DEFAULT false NOT NULL;--> statement-breakpoint
CREATE TRIGGER `trial_field_no_update` BEFORE UPDATE ON `trial_field` BEGIN SELECT RAISE(ABORT, 'trial_field is append-only'); END;--> statement-breakpoint
CREATE TRIGGER `trial_field_no_delete` BEFORE DELETE ON `trial_field` BEGIN SELECT RAISE(ABORT, 'trial_field is append-only'); END;--> statement-breakpoint
CREATE TRIGGER `trial_cycle_no_update` BEFORE UPDATE ON `trial_cycle` BEGIN SELECT RAISE(ABORT, 'trial_cycle is append-only'); END;--> statement-breakpoint
CREATE TRIGGER `trial_cycle_no_delete` BEFORE DELETE ON `trial_cycle` BEGIN SELECT RAISE(ABORT, 'trial_cycle is append-only'); END;--> statement-breakpoint
CREATE TRIGGER `trial_score_no_update` BEFORE UPDATE ON `trial_score` BEGIN SELECT RAISE(ABORT, 'trial_score is append-only'); END;--> statement-breakpoint
CREATE TRIGGER `trial_score_no_delete` BEFORE DELETE ON `trial_score` BEGIN SELECT RAISE(ABORT, 'trial_score is append-only'); END;--> statement-breakpoint
CREATE TRIGGER `trial_picture_no_update` BEFORE UPDATE ON `trial_picture` BEGIN SELECT RAISE(ABORT, 'trial_picture is append-only'); END;--> statement-breakpoint
CREATE TRIGGER `trial_picture_no_delete` BEFORE DELETE ON `trial_picture` BEGIN SELECT RAISE(ABORT, 'trial_picture is append-only'); END;--> statement-breakpoint
CREATE TRIGGER `house_rule_no_update` BEFORE UPDATE ON `house_rule` BEGIN SELECT RAISE(ABORT, 'house_rule is append-only'); END;--> statement-breakpoint
CREATE TRIGGER `house_rule_no_delete` BEFORE DELETE ON `house_rule` BEGIN SELECT RAISE(ABORT, 'house_rule is append-only'); END;
