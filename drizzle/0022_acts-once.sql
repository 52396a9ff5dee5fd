CREATE TABLE `act_done` (
	`id` text PRIMARY KEY NOT NULL,
	`said` text NOT NULL,
	`answer` text NOT NULL,
	`at` integer NOT NULL
) STRICT;
--> statement-breakpoint
CREATE INDEX `act_done_at` ON `act_done` (`at`);