ALTER TABLE `shop` ADD `identity` text DEFAULT '' NOT NULL;--> statement-breakpoint
UPDATE `shop` SET `identity` = lower(hex(randomblob(8)));--> statement-breakpoint
ALTER TABLE `door` ADD `seal` text DEFAULT '' NOT NULL;--> statement-breakpoint
UPDATE `door` SET `seal` = lower(hex(randomblob(32)));
