CREATE TABLE `care_report` (
	`id` integer PRIMARY KEY NOT NULL,
	`care_plan_id` integer NOT NULL,
	`kind` text NOT NULL,
	`reported_on` text NOT NULL,
	`note` text DEFAULT '' NOT NULL,
	`at` integer NOT NULL,
	`seen_at` integer,
	FOREIGN KEY (`care_plan_id`) REFERENCES `care_plan`(`id`) ON UPDATE no action ON DELETE no action
) STRICT;
--> statement-breakpoint
CREATE INDEX `care_report_plan` ON `care_report` (`care_plan_id`);--> statement-breakpoint
CREATE UNIQUE INDEX `care_report_once` ON `care_report` (`care_plan_id`,`kind`,`reported_on`);--> statement-breakpoint
CREATE TABLE `outbox` (
	`id` integer PRIMARY KEY NOT NULL,
	`care_plan_id` integer NOT NULL,
	`ordinal` integer NOT NULL,
	`due_on` text NOT NULL,
	`to` text NOT NULL,
	`subject` text NOT NULL,
	`body` text NOT NULL,
	`state` text DEFAULT 'waiting' NOT NULL,
	`why` text DEFAULT '' NOT NULL,
	`file` text,
	`made_at` integer NOT NULL,
	`sent_at` integer,
	FOREIGN KEY (`care_plan_id`) REFERENCES `care_plan`(`id`) ON UPDATE no action ON DELETE no action
) STRICT;
--> statement-breakpoint
CREATE INDEX `outbox_state` ON `outbox` (`state`);--> statement-breakpoint
CREATE UNIQUE INDEX `outbox_once` ON `outbox` (`care_plan_id`,`ordinal`);--> statement-breakpoint
ALTER TABLE `care_plan` ADD `stopped_at` integer;--> statement-breakpoint
ALTER TABLE `owner` ADD `email` text;--> statement-breakpoint
ALTER TABLE `owner` ADD `erased_at` integer;