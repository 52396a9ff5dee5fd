ALTER TABLE `shop` ADD `emergency_number` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `shop` ADD `poison_number` text DEFAULT '' NOT NULL;