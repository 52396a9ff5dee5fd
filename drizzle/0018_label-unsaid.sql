ALTER TABLE `ready_made` ADD `builds_film` integer;--> statement-breakpoint
ALTER TABLE `ready_made` ADD `unsaid` text DEFAULT '[]' NOT NULL;