ALTER TABLE `batch` ADD `cancelled_at` integer;--> statement-breakpoint
ALTER TABLE `batch` ADD `cancelled_by` integer REFERENCES person(id);--> statement-breakpoint
ALTER TABLE `batch` ADD `cancelled_why` text DEFAULT '' NOT NULL;