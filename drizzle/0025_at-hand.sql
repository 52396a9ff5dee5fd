CREATE TABLE `piece_unsold` (
	`piece_id` integer PRIMARY KEY NOT NULL,
	FOREIGN KEY (`piece_id`) REFERENCES `piece`(`id`) ON UPDATE no action ON DELETE no action
) STRICT;
--> statement-breakpoint
CREATE TABLE `lot_left` (
	`lot_id` integer PRIMARY KEY NOT NULL,
	`grams` real NOT NULL,
	`last_at` integer NOT NULL,
	FOREIGN KEY (`lot_id`) REFERENCES `lot`(`id`) ON UPDATE no action ON DELETE no action
) STRICT;
--> statement-breakpoint
CREATE INDEX `lot_left_there` ON `lot_left` (`lot_id`) WHERE abs("grams") > 0.000001;--> statement-breakpoint
CREATE INDEX `lot_left_last` ON `lot_left` (`last_at`);--> statement-breakpoint
CREATE TABLE `batch_open` (
	`batch_id` integer PRIMARY KEY NOT NULL,
	FOREIGN KEY (`batch_id`) REFERENCES `batch`(`id`) ON UPDATE no action ON DELETE no action
) STRICT;
--> statement-breakpoint
CREATE INDEX `sale_sold` ON `sale` (`sold_on`);--> statement-breakpoint
CREATE INDEX `lot_bath` ON `lot` (`id`) WHERE "kind" = 'bath';--> statement-breakpoint
CREATE INDEX `batch_split` ON `batch` (`split_from`);--> statement-breakpoint
CREATE INDEX `batch_joined` ON `batch` (`joined_to`);--> statement-breakpoint
CREATE INDEX `log_entry_weighed` ON `log_entry` (`id`) WHERE ("grams_estimated" = 0 and "grams" > 0) or "corrects" is not null;
--> statement-breakpoint
INSERT INTO `lot_left` SELECT `lot`.`id`, coalesce(sum(`movement`.`grams`), 0), coalesce(max(`movement`.`at`), `lot`.`at`) FROM `lot` LEFT JOIN `movement` ON `movement`.`lot_id` = `lot`.`id` GROUP BY `lot`.`id`;
--> statement-breakpoint
CREATE TRIGGER `lot_left_begins` AFTER INSERT ON `lot` BEGIN
	INSERT INTO `lot_left` (`lot_id`, `grams`, `last_at`) VALUES (new.`id`, 0, new.`at`);
END;
--> statement-breakpoint
CREATE TRIGGER `lot_left_moves` AFTER INSERT ON `movement` BEGIN
	UPDATE `lot_left` SET `grams` = `grams` + new.`grams`, `last_at` = max(`last_at`, new.`at`) WHERE `lot_id` = new.`lot_id`;
END;
--> statement-breakpoint
INSERT INTO `batch_open` SELECT `id` FROM `batch` WHERE NOT EXISTS (SELECT 1 FROM `release` WHERE `release`.`batch_id` = `batch`.`id` AND (`release`.`next` IS NULL OR `release`.`next` <> 'mend'));
--> statement-breakpoint
CREATE TRIGGER `batch_open_begins` AFTER INSERT ON `batch` BEGIN
	INSERT INTO `batch_open` (`batch_id`) VALUES (new.`id`);
END;
--> statement-breakpoint
CREATE TRIGGER `batch_open_ends` AFTER INSERT ON `release` WHEN new.`next` IS NULL OR new.`next` <> 'mend' BEGIN
	DELETE FROM `batch_open` WHERE `batch_id` = new.`batch_id`;
END;
--> statement-breakpoint
INSERT INTO `piece_unsold` SELECT `id` FROM `piece` WHERE NOT EXISTS (SELECT 1 FROM `sale` WHERE `sale`.`piece_id` = `piece`.`id`);
--> statement-breakpoint
CREATE TRIGGER `piece_unsold_begins` AFTER INSERT ON `piece` BEGIN
	INSERT INTO `piece_unsold` (`piece_id`) VALUES (new.`id`);
END;
--> statement-breakpoint
CREATE TRIGGER `piece_unsold_ends` AFTER INSERT ON `sale` BEGIN
	DELETE FROM `piece_unsold` WHERE `piece_id` = new.`piece_id`;
END;
--> statement-breakpoint
CREATE TRIGGER `piece_unsold_again` AFTER DELETE ON `sale` BEGIN
	INSERT OR IGNORE INTO `piece_unsold` (`piece_id`) VALUES (old.`piece_id`);
END;
