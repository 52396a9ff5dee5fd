CREATE TABLE `clock_word` (
	`id` integer PRIMARY KEY NOT NULL,
	`at` integer NOT NULL,
	`newest_at` integer NOT NULL,
	`last_entry_id` integer NOT NULL,
	`person_id` integer NOT NULL,
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action
) STRICT;
--> statement-breakpoint
CREATE INDEX `clock_word_person` ON `clock_word` (`person_id`);--> statement-breakpoint
CREATE INDEX `log_entry_recorded` ON `log_entry` (`recorded_at`);