CREATE TABLE `tin_sale` (
	`id` integer PRIMARY KEY NOT NULL,
	`lot_id` integer NOT NULL,
	`count` integer NOT NULL,
	`price_minor` integer,
	`owner_id` integer,
	`with_piece_id` integer,
	`sold_on` text NOT NULL,
	`person_id` integer NOT NULL,
	`at` integer NOT NULL,
	FOREIGN KEY (`lot_id`) REFERENCES `lot`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`owner_id`) REFERENCES `owner`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`with_piece_id`) REFERENCES `piece`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "tin_sale_count" CHECK("tin_sale"."count" > 0),
	CONSTRAINT "tin_sale_price" CHECK("tin_sale"."price_minor" is null or "tin_sale"."price_minor" >= 0)
) STRICT;
--> statement-breakpoint
CREATE INDEX `tin_sale_lot` ON `tin_sale` (`lot_id`);--> statement-breakpoint
CREATE TABLE `calibration` (
	`what` text NOT NULL,
	`key` text NOT NULL,
	`value` real NOT NULL,
	`prior` real NOT NULL,
	`records` integer NOT NULL,
	`fitted_at` integer NOT NULL,
	PRIMARY KEY(`what`, `key`),
	CONSTRAINT "calibration_value" CHECK("calibration"."value" > 0)
) STRICT;
--> statement-breakpoint
CREATE TABLE `pan` (
	`id` integer PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`water_g` real NOT NULL,
	`heater_w` real NOT NULL,
	`loss_w_per_k` real NOT NULL,
	`ua_w_per_k` real NOT NULL,
	`fitted_readings` integer DEFAULT 0 NOT NULL,
	`version` integer DEFAULT 1 NOT NULL,
	CONSTRAINT "pan_water" CHECK("pan"."water_g" > 0),
	CONSTRAINT "pan_heater" CHECK("pan"."heater_w" > 0),
	CONSTRAINT "pan_ua" CHECK("pan"."ua_w_per_k" > 0)
) STRICT;
--> statement-breakpoint
CREATE UNIQUE INDEX `pan_name_unique` ON `pan` (`name`);--> statement-breakpoint
CREATE TABLE `slip` (
	`id` integer PRIMARY KEY NOT NULL,
	`kind` text NOT NULL,
	`pour_id` integer,
	`lot_id` integer,
	`says` text NOT NULL,
	`person_id` integer NOT NULL,
	`at` integer NOT NULL,
	FOREIGN KEY (`pour_id`) REFERENCES `pour`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`lot_id`) REFERENCES `lot`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "slip_kind" CHECK(kind in ('overpour', 'spread', 'stray', 'browned', 'boiled-dry', 'retarget', 'marry', 'top-up', 'let-down')),
	CONSTRAINT "slip_of" CHECK("slip"."pour_id" is not null or "slip"."lot_id" is not null)
) STRICT;
--> statement-breakpoint
CREATE INDEX `slip_pour` ON `slip` (`pour_id`);--> statement-breakpoint
CREATE INDEX `slip_lot` ON `slip` (`lot_id`);--> statement-breakpoint
CREATE TABLE `thumb_test` (
	`id` integer PRIMARY KEY NOT NULL,
	`lot_id` integer NOT NULL,
	`temp_c` real NOT NULL,
	`felt` text NOT NULL,
	`person_id` integer NOT NULL,
	`at` integer NOT NULL,
	FOREIGN KEY (`lot_id`) REFERENCES `lot`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "thumb_test_felt" CHECK(felt in ('liquid', 'cream', 'soft-paste', 'firm-paste', 'soap', 'bar', 'block')),
	CONSTRAINT "thumb_test_temp" CHECK("thumb_test"."temp_c" between -10 and 60)
) STRICT;
--> statement-breakpoint
CREATE TABLE `declaration` (
	`id` integer PRIMARY KEY NOT NULL,
	`lot_id` integer NOT NULL,
	`name` text NOT NULL,
	`hash` text NOT NULL,
	`bytes` integer NOT NULL,
	`person_id` integer NOT NULL,
	`at` integer NOT NULL,
	FOREIGN KEY (`lot_id`) REFERENCES `lot`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action
) STRICT;
--> statement-breakpoint
CREATE INDEX `declaration_lot` ON `declaration` (`lot_id`);--> statement-breakpoint
CREATE TABLE `hold` (
	`id` integer PRIMARY KEY NOT NULL,
	`lot_id` integer NOT NULL,
	`reason` text NOT NULL,
	`person_id` integer NOT NULL,
	`at` integer NOT NULL,
	`lifted_by` integer,
	`lifted_at` integer,
	FOREIGN KEY (`lot_id`) REFERENCES `lot`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`lifted_by`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "hold_lifted" CHECK(("hold"."lifted_by" is null) = ("hold"."lifted_at" is null)),
	CONSTRAINT "hold_reason" CHECK(length("hold"."reason") > 0)
) STRICT;
--> statement-breakpoint
CREATE INDEX `hold_lot` ON `hold` (`lot_id`);--> statement-breakpoint
CREATE TABLE `lot_check` (
	`id` integer PRIMARY KEY NOT NULL,
	`lot_id` integer NOT NULL,
	`kind` text NOT NULL,
	`pass` integer NOT NULL,
	`note` text DEFAULT '' NOT NULL,
	`person_id` integer NOT NULL,
	`at` integer NOT NULL,
	FOREIGN KEY (`lot_id`) REFERENCES `lot`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "lot_check_kind" CHECK(kind in ('thumbnail', 'cut', 'smell', 'colour', 'clear', 'strained'))
) STRICT;
--> statement-breakpoint
CREATE INDEX `lot_check_lot` ON `lot_check` (`lot_id`);--> statement-breakpoint
CREATE TABLE `ready_made` (
	`id` integer PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`declared` text NOT NULL,
	`is_all_declared` integer NOT NULL,
	`drying` text NOT NULL,
	`is_paste` integer NOT NULL,
	`contact` text NOT NULL,
	`density_g_per_ml` real NOT NULL,
	`coverage_m2_per_l` real,
	`label_rule` text DEFAULT '' NOT NULL,
	`version` integer DEFAULT 1 NOT NULL,
	CONSTRAINT "ready_made_drying" CHECK(drying in ('drying', 'never')),
	CONSTRAINT "ready_made_density" CHECK("ready_made"."density_g_per_ml" > 0),
	CONSTRAINT "ready_made_coverage" CHECK("ready_made"."coverage_m2_per_l" is null or "ready_made"."coverage_m2_per_l" > 0)
) STRICT;
--> statement-breakpoint
CREATE UNIQUE INDEX `ready_made_name_unique` ON `ready_made` (`name`);--> statement-breakpoint
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
	FOREIGN KEY (`container_id`) REFERENCES `container`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "lot_kind" CHECK(kind in ('bought', 'made', 'tin', 'bath', 'ready')),
	CONSTRAINT "lot_received" CHECK("__new_lot"."received_g" > 0),
	CONSTRAINT "lot_what" CHECK(("__new_lot"."kind" = 'bought' and "__new_lot"."ingredient_id" is not null) or ("__new_lot"."kind" in ('made', 'tin') and "__new_lot"."formula_revision_id" is not null) or ("__new_lot"."kind" = 'bath' and "__new_lot"."name" is not null) or ("__new_lot"."kind" = 'ready' and "__new_lot"."ready_made_id" is not null)),
	CONSTRAINT "lot_price" CHECK("__new_lot"."price_minor" is null or "__new_lot"."price_minor" >= 0)
) STRICT;
--> statement-breakpoint
INSERT INTO `__new_lot`("id", "number", "kind", "ingredient_id", "formula_revision_id", "ready_made_id", "name", "supplier", "supplier_code", "opened_on", "best_before", "price_minor", "received_g", "container_id", "count", "note", "person_id", "at", "version") SELECT "id", "number", "kind", "ingredient_id", "formula_revision_id", NULL, NULL, "supplier", "supplier_code", "opened_on", "best_before", "price_minor", "received_g", "container_id", "count", "note", "person_id", "at", "version" FROM `lot`;--> statement-breakpoint
DROP TABLE `lot`;--> statement-breakpoint
ALTER TABLE `__new_lot` RENAME TO `lot`;--> statement-breakpoint
CREATE UNIQUE INDEX `lot_number_unique` ON `lot` (`number`);--> statement-breakpoint
CREATE INDEX `lot_ingredient` ON `lot` (`ingredient_id`);--> statement-breakpoint
CREATE INDEX `lot_formula` ON `lot` (`formula_revision_id`);--> statement-breakpoint
CREATE TABLE `__new_movement` (
	`id` integer PRIMARY KEY NOT NULL,
	`lot_id` integer NOT NULL,
	`grams` real NOT NULL,
	`why` text NOT NULL,
	`entry` text,
	`person_id` integer NOT NULL,
	`at` integer NOT NULL,
	FOREIGN KEY (`lot_id`) REFERENCES `lot`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "movement_why" CHECK(why in ('receive', 'pour', 'coat', 'bath', 'fill', 'sale', 'count', 'loss', 'correction')),
	CONSTRAINT "movement_grams" CHECK("__new_movement"."grams" <> 0)
) STRICT;
--> statement-breakpoint
INSERT INTO `__new_movement`("id", "lot_id", "grams", "why", "entry", "person_id", "at") SELECT "id", "lot_id", "grams", "why", "entry", "person_id", "at" FROM `movement`;--> statement-breakpoint
DROP TABLE `movement`;--> statement-breakpoint
ALTER TABLE `__new_movement` RENAME TO `movement`;--> statement-breakpoint
CREATE INDEX `movement_lot` ON `movement` (`lot_id`);--> statement-breakpoint
CREATE INDEX `movement_entry` ON `movement` (`entry`);--> statement-breakpoint
ALTER TABLE `fill` ADD `samples_g` text DEFAULT '[]' NOT NULL;--> statement-breakpoint
ALTER TABLE `pour` ADD `residue_g` real DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `pour` ADD `lines` text;--> statement-breakpoint
ALTER TABLE `pour` ADD `pan_id` integer REFERENCES pan(id);--> statement-breakpoint
ALTER TABLE `pour` ADD `on_heat_at` integer;--> statement-breakpoint
ALTER TABLE `pour` ADD `filled_at` integer;--> statement-breakpoint
ALTER TABLE `pour` ADD `lidded_at` integer;--> statement-breakpoint
CREATE TABLE `__new_container` (
	`id` integer PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`capacity_ml` real NOT NULL,
	`fill_fraction` real NOT NULL,
	`have` integer DEFAULT 0 NOT NULL,
	`tare_g` real,
	`price_minor` integer,
	`version` integer DEFAULT 1 NOT NULL,
	CONSTRAINT "container_capacity" CHECK("__new_container"."capacity_ml" > 0),
	CONSTRAINT "container_fill" CHECK("__new_container"."fill_fraction" > 0 and "__new_container"."fill_fraction" <= 1),
	CONSTRAINT "container_have" CHECK("__new_container"."have" >= 0),
	CONSTRAINT "container_tare" CHECK("__new_container"."tare_g" is null or "__new_container"."tare_g" > 0),
	CONSTRAINT "container_price" CHECK("__new_container"."price_minor" is null or "__new_container"."price_minor" >= 0)
) STRICT;
--> statement-breakpoint
INSERT INTO `__new_container`("id", "name", "capacity_ml", "fill_fraction", "have", "tare_g", "price_minor", "version") SELECT "id", "name", "capacity_ml", "fill_fraction", "have", NULL, NULL, "version" FROM `container`;--> statement-breakpoint
DROP TABLE `container`;--> statement-breakpoint
ALTER TABLE `__new_container` RENAME TO `container`;--> statement-breakpoint
CREATE UNIQUE INDEX `container_name_unique` ON `container` (`name`);--> statement-breakpoint
CREATE TRIGGER `movement_no_update` BEFORE UPDATE ON `movement` BEGIN SELECT RAISE(ABORT, 'movement is append-only'); END;--> statement-breakpoint
CREATE TRIGGER `movement_no_delete` BEFORE DELETE ON `movement` BEGIN SELECT RAISE(ABORT, 'movement is append-only'); END;--> statement-breakpoint
CREATE TRIGGER `slip_no_update` BEFORE UPDATE ON `slip` BEGIN SELECT RAISE(ABORT, 'slip is append-only'); END;--> statement-breakpoint
CREATE TRIGGER `slip_no_delete` BEFORE DELETE ON `slip` BEGIN SELECT RAISE(ABORT, 'slip is append-only'); END;--> statement-breakpoint
CREATE TRIGGER `lot_check_no_update` BEFORE UPDATE ON `lot_check` BEGIN SELECT RAISE(ABORT, 'lot_check is append-only'); END;--> statement-breakpoint
CREATE TRIGGER `lot_check_no_delete` BEFORE DELETE ON `lot_check` BEGIN SELECT RAISE(ABORT, 'lot_check is append-only'); END;--> statement-breakpoint
CREATE TRIGGER `tin_sale_no_update` BEFORE UPDATE ON `tin_sale` BEGIN SELECT RAISE(ABORT, 'tin_sale is append-only'); END;--> statement-breakpoint
CREATE TRIGGER `tin_sale_no_delete` BEFORE DELETE ON `tin_sale` BEGIN SELECT RAISE(ABORT, 'tin_sale is append-only'); END;--> statement-breakpoint
CREATE TRIGGER `declaration_no_update` BEFORE UPDATE ON `declaration` BEGIN SELECT RAISE(ABORT, 'declaration is append-only'); END;--> statement-breakpoint
CREATE TRIGGER `declaration_no_delete` BEFORE DELETE ON `declaration` BEGIN SELECT RAISE(ABORT, 'declaration is append-only'); END;
