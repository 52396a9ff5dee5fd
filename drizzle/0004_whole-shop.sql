CREATE TABLE `person_away` (
	`person_id` integer NOT NULL,
	`date` text NOT NULL,
	PRIMARY KEY(`person_id`, `date`),
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action
) STRICT;
--> statement-breakpoint
CREATE TABLE `person_opening` (
	`id` integer PRIMARY KEY NOT NULL,
	`person_id` integer NOT NULL,
	`day` integer NOT NULL,
	`open` text NOT NULL,
	`close` text NOT NULL,
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "person_opening_day" CHECK("person_opening"."day" between 1 and 7),
	CONSTRAINT "person_opening_order" CHECK("person_opening"."open" < "person_opening"."close")
) STRICT;
--> statement-breakpoint
CREATE INDEX `person_opening_person` ON `person_opening` (`person_id`);--> statement-breakpoint
CREATE TABLE `mass_reading` (
	`id` integer PRIMARY KEY NOT NULL,
	`client_id` text NOT NULL,
	`batch_id` integer NOT NULL,
	`piece_id` integer NOT NULL,
	`task` text NOT NULL,
	`before_g` real NOT NULL,
	`after_g` real,
	`person_id` integer NOT NULL,
	`at` integer NOT NULL,
	FOREIGN KEY (`batch_id`) REFERENCES `batch`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`piece_id`) REFERENCES `piece`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "mass_reading_before" CHECK("mass_reading"."before_g" > 0),
	CONSTRAINT "mass_reading_after" CHECK("mass_reading"."after_g" is null or "mass_reading"."after_g" >= "mass_reading"."before_g")
) STRICT;
--> statement-breakpoint
CREATE UNIQUE INDEX `mass_reading_client_id_unique` ON `mass_reading` (`client_id`);--> statement-breakpoint
CREATE INDEX `mass_reading_batch` ON `mass_reading` (`batch_id`);--> statement-breakpoint
CREATE TABLE `piece_move` (
	`id` integer PRIMARY KEY NOT NULL,
	`piece_id` integer NOT NULL,
	`from_batch` integer NOT NULL,
	`to_batch` integer NOT NULL,
	`why` text NOT NULL,
	`person_id` integer NOT NULL,
	`at` integer NOT NULL,
	FOREIGN KEY (`piece_id`) REFERENCES `piece`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`from_batch`) REFERENCES `batch`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`to_batch`) REFERENCES `batch`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action
) STRICT;
--> statement-breakpoint
CREATE INDEX `piece_move_piece` ON `piece_move` (`piece_id`);--> statement-breakpoint
CREATE INDEX `piece_move_to` ON `piece_move` (`to_batch`);--> statement-breakpoint
CREATE TABLE `pin` (
	`batch_id` integer NOT NULL,
	`task` text NOT NULL,
	`start_at` integer NOT NULL,
	`person_id` integer NOT NULL,
	`at` integer NOT NULL,
	PRIMARY KEY(`batch_id`, `task`),
	FOREIGN KEY (`batch_id`) REFERENCES `batch`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action
) STRICT;
--> statement-breakpoint
CREATE TABLE `recovery` (
	`id` integer PRIMARY KEY NOT NULL,
	`client_id` text NOT NULL,
	`batch_id` integer NOT NULL,
	`way` text NOT NULL,
	`before_task` text NOT NULL,
	`person_id` integer NOT NULL,
	`at` integer NOT NULL,
	`withdrawn_at` integer,
	FOREIGN KEY (`batch_id`) REFERENCES `batch`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action
) STRICT;
--> statement-breakpoint
CREATE UNIQUE INDEX `recovery_client_id_unique` ON `recovery` (`client_id`);--> statement-breakpoint
CREATE INDEX `recovery_batch` ON `recovery` (`batch_id`);--> statement-breakpoint
CREATE TABLE `restoration` (
	`batch_id` integer PRIMARY KEY NOT NULL,
	`piece_id` integer,
	`owner` text NOT NULL,
	`was_finished_with` text DEFAULT '' NOT NULL,
	`marks` text NOT NULL,
	`bill_minor` integer,
	`back_at` integer,
	`version` integer DEFAULT 1 NOT NULL,
	FOREIGN KEY (`batch_id`) REFERENCES `batch`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`piece_id`) REFERENCES `piece`(`id`) ON UPDATE no action ON DELETE no action
) STRICT;
--> statement-breakpoint
ALTER TABLE `place` ADD `capacity` real;--> statement-breakpoint
ALTER TABLE `place` ADD `version` integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE `batch` ADD `split_at` integer;--> statement-breakpoint
ALTER TABLE `batch` ADD `joined_to` integer REFERENCES batch(id);--> statement-breakpoint
ALTER TABLE `design_revision` ADD `mouthed` integer DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE `log_entry` ADD `faults` text DEFAULT '[]' NOT NULL;--> statement-breakpoint
ALTER TABLE `log_entry` ADD `photo` text;--> statement-breakpoint
ALTER TABLE `piece` ADD `tag` text;--> statement-breakpoint
ALTER TABLE `regimen_revision` ADD `why` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `regimen_revision` ADD `person_id` integer REFERENCES person(id);--> statement-breakpoint
ALTER TABLE `regimen_step` ADD `expect` integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE `regimen_step` ADD `again_min` real DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `regimen_step` ADD `label_rule` text DEFAULT '' NOT NULL;