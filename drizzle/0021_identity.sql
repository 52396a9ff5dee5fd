ALTER TABLE `shop` ADD `identity` text DEFAULT '' NOT NULL;--> statement-breakpoint
UPDATE `shop` SET `identity` = lower(hex(randomblob(8)));