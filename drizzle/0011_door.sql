CREATE TABLE `device` (
	`id` integer PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`token_hash` text NOT NULL,
	`address` text NOT NULL,
	`came_at` integer NOT NULL,
	`used_at` integer NOT NULL,
	`ended_at` integer,
	`ended` text
) STRICT;
--> statement-breakpoint
CREATE UNIQUE INDEX `device_token_hash_unique` ON `device` (`token_hash`);--> statement-breakpoint
CREATE INDEX `device_used` ON `device` (`used_at`);--> statement-breakpoint
CREATE TABLE `door` (
	`id` integer PRIMARY KEY NOT NULL,
	`salt` text NOT NULL,
	`hash` text NOT NULL,
	`set_at` integer NOT NULL,
	CONSTRAINT "door_one" CHECK("door"."id" = 1)
) STRICT;
--> statement-breakpoint
DROP INDEX `care_report_once`;--> statement-breakpoint
ALTER TABLE `care_report` ADD `photo_bytes` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
CREATE UNIQUE INDEX `care_report_once` ON `care_report` (`care_plan_id`,`kind`,`reported_on`) WHERE "kind" <> 'wrong';