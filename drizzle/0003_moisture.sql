CREATE TABLE `moisture_reading` (
	`id` integer PRIMARY KEY NOT NULL,
	`batch_id` integer NOT NULL,
	`percent` real NOT NULL,
	`spot` text DEFAULT '' NOT NULL,
	`is_valid` integer DEFAULT true NOT NULL,
	`person_id` integer NOT NULL,
	`at` integer NOT NULL,
	FOREIGN KEY (`batch_id`) REFERENCES `batch`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "moisture_reading_percent" CHECK("moisture_reading"."percent" between 2 and 120)
) STRICT;
--> statement-breakpoint
CREATE INDEX `moisture_reading_batch` ON `moisture_reading` (`batch_id`);