CREATE TABLE `bottle` (
	`lot_id` integer PRIMARY KEY NOT NULL,
	`tare_g` real,
	`bore_mm` real,
	`mark` text DEFAULT '' NOT NULL,
	FOREIGN KEY (`lot_id`) REFERENCES `lot`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "bottle_tare" CHECK("bottle"."tare_g" is null or "bottle"."tare_g" > 0),
	CONSTRAINT "bottle_bore" CHECK("bottle"."bore_mm" is null or "bottle"."bore_mm" > 0)
) STRICT;
--> statement-breakpoint
CREATE TABLE `own_material` (
	`id` text NOT NULL,
	`number` integer NOT NULL,
	`like_id` text NOT NULL,
	`facts` text NOT NULL,
	`photo_hash` text,
	`person_id` integer NOT NULL,
	`at` integer NOT NULL,
	PRIMARY KEY(`id`, `number`),
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action
) STRICT;
--> statement-breakpoint
CREATE TABLE `ready_made_was` (
	`ready_made_id` integer NOT NULL,
	`number` integer NOT NULL,
	`facts` text NOT NULL,
	`person_id` integer NOT NULL,
	`at` integer NOT NULL,
	PRIMARY KEY(`ready_made_id`, `number`),
	FOREIGN KEY (`ready_made_id`) REFERENCES `ready_made`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action
) STRICT;
--> statement-breakpoint
CREATE TABLE `reference` (
	`id` integer PRIMARY KEY NOT NULL,
	`material_id` text NOT NULL,
	`says` text NOT NULL,
	`photo_hash` text,
	`person_id` integer NOT NULL,
	`at` integer NOT NULL,
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action
) STRICT;
--> statement-breakpoint
CREATE TABLE `supply` (
	`id` integer PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`counted` text NOT NULL,
	`version` integer DEFAULT 1 NOT NULL,
	CONSTRAINT "supply_name" CHECK(length("supply"."name") > 0)
) STRICT;
--> statement-breakpoint
CREATE UNIQUE INDEX `supply_name_unique` ON `supply` (`name`);--> statement-breakpoint
CREATE TABLE `supply_move` (
	`id` integer PRIMARY KEY NOT NULL,
	`client_id` text NOT NULL,
	`supply_id` integer NOT NULL,
	`change` real NOT NULL,
	`why` text NOT NULL,
	`person_id` integer NOT NULL,
	`at` integer NOT NULL,
	FOREIGN KEY (`supply_id`) REFERENCES `supply`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "supply_move_why" CHECK(why in ('came', 'used', 'counted'))
) STRICT;
--> statement-breakpoint
CREATE UNIQUE INDEX `supply_move_client_id_unique` ON `supply_move` (`client_id`);--> statement-breakpoint
CREATE INDEX `supply_move_supply` ON `supply_move` (`supply_id`,`at`);--> statement-breakpoint
PRAGMA foreign_keys=OFF;--> statement-breakpoint
CREATE TABLE `__new_lot` (
	`id` integer PRIMARY KEY NOT NULL,
	`number` text NOT NULL,
	`kind` text NOT NULL,
	`ingredient_id` text,
	`formula_revision_id` integer,
	`ready_made_id` integer,
	`name` text,
	`supplier` text,
	`supplier_code` text,
	`opened_on` text,
	`best_before` text,
	`use_within_days` integer,
	`place_id` integer,
	`price_minor` integer,
	`received_g` real NOT NULL,
	`container_id` integer,
	`count` integer,
	`note` text DEFAULT '' NOT NULL,
	`person_id` integer NOT NULL,
	`at` integer NOT NULL,
	`version` integer DEFAULT 1 NOT NULL,
	FOREIGN KEY (`formula_revision_id`) REFERENCES `formula_revision`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`ready_made_id`) REFERENCES `ready_made`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`place_id`) REFERENCES `place`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`container_id`) REFERENCES `container`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "lot_kind" CHECK(kind in ('bought', 'made', 'tin', 'bath', 'ready', 'bottle')),
	CONSTRAINT "lot_received" CHECK("__new_lot"."received_g" > 0),
	CONSTRAINT "lot_what" CHECK(("__new_lot"."kind" = 'bought' and "__new_lot"."ingredient_id" is not null) or ("__new_lot"."kind" in ('made', 'tin') and "__new_lot"."formula_revision_id" is not null) or ("__new_lot"."kind" in ('bath', 'bottle') and "__new_lot"."name" is not null) or ("__new_lot"."kind" = 'ready' and "__new_lot"."ready_made_id" is not null)),
	CONSTRAINT "lot_price" CHECK("__new_lot"."price_minor" is null or "__new_lot"."price_minor" >= 0)
) STRICT;
--> statement-breakpoint
INSERT INTO `__new_lot`("id", "number", "kind", "ingredient_id", "formula_revision_id", "ready_made_id", "name", "supplier", "supplier_code", "opened_on", "best_before", "use_within_days", "place_id", "price_minor", "received_g", "container_id", "count", "note", "person_id", "at", "version") SELECT "id", "number", "kind", "ingredient_id", "formula_revision_id", "ready_made_id", "name", "supplier", "supplier_code", "opened_on", "best_before", null, null, "price_minor", "received_g", "container_id", "count", "note", "person_id", "at", "version" FROM `lot`;--> statement-breakpoint
DROP TABLE `lot`;--> statement-breakpoint
ALTER TABLE `__new_lot` RENAME TO `lot`;--> statement-breakpoint
PRAGMA foreign_keys=ON;--> statement-breakpoint
CREATE UNIQUE INDEX `lot_number_unique` ON `lot` (`number`);--> statement-breakpoint
CREATE INDEX `lot_ingredient` ON `lot` (`ingredient_id`);--> statement-breakpoint
CREATE INDEX `lot_formula` ON `lot` (`formula_revision_id`);--> statement-breakpoint
ALTER TABLE `formula_line` ADD `amount` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `formula_line` ADD `molten` integer DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE `formula_line` ADD `temp_c` real;--> statement-breakpoint
ALTER TABLE `pour` ADD `by_measure` integer DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE `pour` ADD `piece_mm` real;--> statement-breakpoint
ALTER TABLE `pour` ADD `water_g` real;--> statement-breakpoint
ALTER TABLE `pour` ADD `minded_at` integer;--> statement-breakpoint
ALTER TABLE `pour_entry` ADD `level_ml` real;--> statement-breakpoint
ALTER TABLE `shop` ADD `reads` text DEFAULT '{"mass":"g","volume":"ml","temperature":"C","length":"mm"}' NOT NULL;--> statement-breakpoint
ALTER TABLE `lot_check` ADD `temp_c` real;--> statement-breakpoint
ALTER TABLE `lot_check` ADD `reference_id` integer REFERENCES reference(id);--> statement-breakpoint
ALTER TABLE `ready_made` ADD `photo_hash` text;--> statement-breakpoint
CREATE TRIGGER `own_material_no_update` BEFORE UPDATE ON `own_material` BEGIN SELECT RAISE(ABORT, 'own_material is append-only'); END;--> statement-breakpoint
CREATE TRIGGER `own_material_no_delete` BEFORE DELETE ON `own_material` BEGIN SELECT RAISE(ABORT, 'own_material is append-only'); END;--> statement-breakpoint
CREATE TRIGGER `ready_made_was_no_update` BEFORE UPDATE ON `ready_made_was` BEGIN SELECT RAISE(ABORT, 'ready_made_was is append-only'); END;--> statement-breakpoint
CREATE TRIGGER `ready_made_was_no_delete` BEFORE DELETE ON `ready_made_was` BEGIN SELECT RAISE(ABORT, 'ready_made_was is append-only'); END;--> statement-breakpoint
CREATE TRIGGER `supply_move_no_update` BEFORE UPDATE ON `supply_move` BEGIN SELECT RAISE(ABORT, 'supply_move is append-only'); END;--> statement-breakpoint
CREATE TRIGGER `supply_move_no_delete` BEFORE DELETE ON `supply_move` BEGIN SELECT RAISE(ABORT, 'supply_move is append-only'); END;--> statement-breakpoint
CREATE TRIGGER `reference_no_update` BEFORE UPDATE ON `reference` BEGIN SELECT RAISE(ABORT, 'reference is append-only'); END;--> statement-breakpoint
CREATE TRIGGER `reference_no_delete` BEFORE DELETE ON `reference` BEGIN SELECT RAISE(ABORT, 'reference is append-only'); END;
