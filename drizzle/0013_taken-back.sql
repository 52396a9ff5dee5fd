CREATE TABLE `sale_struck` (
	`id` integer PRIMARY KEY NOT NULL,
	`piece_id` integer NOT NULL,
	`sold_on` text NOT NULL,
	`price_minor` integer,
	`sold_by` integer NOT NULL,
	`sold_at` integer NOT NULL,
	`person_id` integer NOT NULL,
	`at` integer NOT NULL,
	FOREIGN KEY (`piece_id`) REFERENCES `piece`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`sold_by`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "sale_struck_price" CHECK("sale_struck"."price_minor" is null or "sale_struck"."price_minor" >= 0)
) STRICT;
--> statement-breakpoint
CREATE INDEX `sale_struck_piece` ON `sale_struck` (`piece_id`);--> statement-breakpoint
CREATE TABLE `tin_sale_struck` (
	`tin_sale_id` integer PRIMARY KEY NOT NULL,
	`at` integer NOT NULL,
	FOREIGN KEY (`tin_sale_id`) REFERENCES `tin_sale`(`id`) ON UPDATE no action ON DELETE no action
) STRICT;
