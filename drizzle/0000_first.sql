CREATE TABLE `formula` (
	`id` integer PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`created_at` integer NOT NULL,
	`version` integer DEFAULT 1 NOT NULL
) STRICT;
--> statement-breakpoint
CREATE UNIQUE INDEX `formula_name_unique` ON `formula` (`name`);--> statement-breakpoint
CREATE TABLE `formula_line` (
	`revision_id` integer NOT NULL,
	`ordinal` integer NOT NULL,
	`ingredient_id` text NOT NULL,
	`parts` real NOT NULL,
	PRIMARY KEY(`revision_id`, `ordinal`),
	FOREIGN KEY (`revision_id`) REFERENCES `formula_revision`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "formula_line_parts" CHECK("formula_line"."parts" > 0)
) STRICT;
--> statement-breakpoint
CREATE UNIQUE INDEX `formula_line_once` ON `formula_line` (`revision_id`,`ingredient_id`);--> statement-breakpoint
CREATE TABLE `formula_revision` (
	`id` integer PRIMARY KEY NOT NULL,
	`formula_id` integer NOT NULL,
	`number` integer NOT NULL,
	`basis` text NOT NULL,
	`note` text DEFAULT '' NOT NULL,
	`person_id` integer NOT NULL,
	`at` integer NOT NULL,
	FOREIGN KEY (`formula_id`) REFERENCES `formula`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action
) STRICT;
--> statement-breakpoint
CREATE UNIQUE INDEX `formula_revision_number` ON `formula_revision` (`formula_id`,`number`);--> statement-breakpoint
CREATE TABLE `care_event` (
	`id` integer PRIMARY KEY NOT NULL,
	`care_plan_id` integer NOT NULL,
	`ordinal` integer NOT NULL,
	`due_on` text NOT NULL,
	FOREIGN KEY (`care_plan_id`) REFERENCES `care_plan`(`id`) ON UPDATE no action ON DELETE no action
) STRICT;
--> statement-breakpoint
CREATE INDEX `care_event_due` ON `care_event` (`due_on`);--> statement-breakpoint
CREATE UNIQUE INDEX `care_event_once` ON `care_event` (`care_plan_id`,`ordinal`);--> statement-breakpoint
CREATE TABLE `care_plan` (
	`id` integer PRIMARY KEY NOT NULL,
	`sale_id` integer NOT NULL,
	`care_class` text NOT NULL,
	`use` text NOT NULL,
	`wash` text NOT NULL,
	`upkeep` text NOT NULL,
	`interval_days` integer,
	`grams_per_treatment` real NOT NULL,
	FOREIGN KEY (`sale_id`) REFERENCES `sale`(`id`) ON UPDATE no action ON DELETE no action
) STRICT;
--> statement-breakpoint
CREATE UNIQUE INDEX `care_plan_sale_id_unique` ON `care_plan` (`sale_id`);--> statement-breakpoint
CREATE TABLE `owner` (
	`id` integer PRIMARY KEY NOT NULL,
	`name` text NOT NULL
) STRICT;
--> statement-breakpoint
CREATE TABLE `sale` (
	`id` integer PRIMARY KEY NOT NULL,
	`piece_id` integer NOT NULL,
	`price_minor` integer,
	`owner_id` integer,
	`sold_on` text NOT NULL,
	`person_id` integer NOT NULL,
	`at` integer NOT NULL,
	FOREIGN KEY (`piece_id`) REFERENCES `piece`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`owner_id`) REFERENCES `owner`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "sale_price" CHECK("sale"."price_minor" is null or "sale"."price_minor" >= 0)
) STRICT;
--> statement-breakpoint
CREATE UNIQUE INDEX `sale_piece_id_unique` ON `sale` (`piece_id`);--> statement-breakpoint
CREATE TABLE `fill` (
	`id` integer PRIMARY KEY NOT NULL,
	`pour_id` integer NOT NULL,
	`container_id` integer NOT NULL,
	`count` integer NOT NULL,
	`net_g` real NOT NULL,
	`lot_id` integer NOT NULL,
	FOREIGN KEY (`pour_id`) REFERENCES `pour`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`container_id`) REFERENCES `container`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`lot_id`) REFERENCES `lot`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "fill_count" CHECK("fill"."count" > 0),
	CONSTRAINT "fill_net" CHECK("fill"."net_g" > 0)
) STRICT;
--> statement-breakpoint
CREATE INDEX `fill_pour` ON `fill` (`pour_id`);--> statement-breakpoint
CREATE TABLE `pot_reading` (
	`id` integer PRIMARY KEY NOT NULL,
	`client_id` text NOT NULL,
	`pour_id` integer NOT NULL,
	`temp_c` real NOT NULL,
	`at` integer NOT NULL,
	FOREIGN KEY (`pour_id`) REFERENCES `pour`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "pot_reading_temp" CHECK("pot_reading"."temp_c" between -40 and 300)
) STRICT;
--> statement-breakpoint
CREATE UNIQUE INDEX `pot_reading_client_id_unique` ON `pot_reading` (`client_id`);--> statement-breakpoint
CREATE INDEX `pot_reading_pour` ON `pot_reading` (`pour_id`);--> statement-breakpoint
CREATE TABLE `pour` (
	`id` integer PRIMARY KEY NOT NULL,
	`formula_revision_id` integer NOT NULL,
	`target_g` real NOT NULL,
	`state` text DEFAULT 'weighing' NOT NULL,
	`lot_id` integer,
	`person_id` integer NOT NULL,
	`at` integer NOT NULL,
	`version` integer DEFAULT 1 NOT NULL,
	FOREIGN KEY (`formula_revision_id`) REFERENCES `formula_revision`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`lot_id`) REFERENCES `lot`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "pour_state" CHECK(state in ('weighing', 'heating', 'filling', 'done', 'abandoned')),
	CONSTRAINT "pour_target" CHECK("pour"."target_g" > 0)
) STRICT;
--> statement-breakpoint
CREATE TABLE `pour_entry` (
	`id` integer PRIMARY KEY NOT NULL,
	`client_id` text NOT NULL,
	`pour_id` integer NOT NULL,
	`ingredient_id` text NOT NULL,
	`lot_id` integer NOT NULL,
	`reading_g` real NOT NULL,
	`grams` real NOT NULL,
	`corrects` text,
	`person_id` integer NOT NULL,
	`at` integer NOT NULL,
	FOREIGN KEY (`pour_id`) REFERENCES `pour`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`lot_id`) REFERENCES `lot`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "pour_entry_grams" CHECK("pour_entry"."grams" > 0)
) STRICT;
--> statement-breakpoint
CREATE UNIQUE INDEX `pour_entry_client_id_unique` ON `pour_entry` (`client_id`);--> statement-breakpoint
CREATE INDEX `pour_entry_pour` ON `pour_entry` (`pour_id`);--> statement-breakpoint
CREATE TABLE `closed_day` (
	`date` text PRIMARY KEY NOT NULL
) STRICT;
--> statement-breakpoint
CREATE TABLE `opening` (
	`id` integer PRIMARY KEY NOT NULL,
	`day` integer NOT NULL,
	`open` text NOT NULL,
	`close` text NOT NULL,
	CONSTRAINT "opening_day" CHECK("opening"."day" between 1 and 7),
	CONSTRAINT "opening_order" CHECK("opening"."open" < "opening"."close")
) STRICT;
--> statement-breakpoint
CREATE TABLE `person` (
	`id` integer PRIMARY KEY NOT NULL,
	`initials` text NOT NULL,
	`name` text NOT NULL,
	`active` integer DEFAULT true NOT NULL,
	`version` integer DEFAULT 1 NOT NULL
) STRICT;
--> statement-breakpoint
CREATE UNIQUE INDEX `person_initials_unique` ON `person` (`initials`);--> statement-breakpoint
CREATE TABLE `place` (
	`id` integer PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`kind` text NOT NULL,
	`light` text DEFAULT 'indoor' NOT NULL,
	CONSTRAINT "place_kind" CHECK(kind in ('bench', 'lathe', 'rack', 'bath', 'sill', 'warm cabinet'))
) STRICT;
--> statement-breakpoint
CREATE UNIQUE INDEX `place_name_unique` ON `place` (`name`);--> statement-breakpoint
CREATE TABLE `room_reading` (
	`id` integer PRIMARY KEY NOT NULL,
	`client_id` text NOT NULL,
	`place_id` integer NOT NULL,
	`at` integer NOT NULL,
	`temp_c` real NOT NULL,
	`rh_fraction` real NOT NULL,
	`person_id` integer,
	FOREIGN KEY (`place_id`) REFERENCES `place`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "room_reading_temp" CHECK("room_reading"."temp_c" between -40 and 60),
	CONSTRAINT "room_reading_rh" CHECK("room_reading"."rh_fraction" between 0 and 1)
) STRICT;
--> statement-breakpoint
CREATE UNIQUE INDEX `room_reading_client_id_unique` ON `room_reading` (`client_id`);--> statement-breakpoint
CREATE INDEX `room_reading_place_at` ON `room_reading` (`place_id`,`at`);--> statement-breakpoint
CREATE TABLE `shop` (
	`id` integer PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`zone` text NOT NULL,
	`currency` text NOT NULL,
	`ambient_c` real DEFAULT 20 NOT NULL,
	`base_address` text,
	`created_at` integer NOT NULL,
	`version` integer DEFAULT 1 NOT NULL,
	CONSTRAINT "shop_one" CHECK("shop"."id" = 1)
) STRICT;
--> statement-breakpoint
CREATE TABLE `container` (
	`id` integer PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`capacity_ml` real NOT NULL,
	`fill_fraction` real NOT NULL,
	`have` integer DEFAULT 0 NOT NULL,
	`version` integer DEFAULT 1 NOT NULL,
	CONSTRAINT "container_capacity" CHECK("container"."capacity_ml" > 0),
	CONSTRAINT "container_fill" CHECK("container"."fill_fraction" > 0 and "container"."fill_fraction" <= 1),
	CONSTRAINT "container_have" CHECK("container"."have" >= 0)
) STRICT;
--> statement-breakpoint
CREATE UNIQUE INDEX `container_name_unique` ON `container` (`name`);--> statement-breakpoint
CREATE TABLE `lot` (
	`id` integer PRIMARY KEY NOT NULL,
	`number` text NOT NULL,
	`kind` text NOT NULL,
	`ingredient_id` text,
	`formula_revision_id` integer,
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
	FOREIGN KEY (`container_id`) REFERENCES `container`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "lot_kind" CHECK(kind in ('bought', 'made', 'tin')),
	CONSTRAINT "lot_received" CHECK("lot"."received_g" > 0),
	CONSTRAINT "lot_what" CHECK(("lot"."kind" = 'bought' and "lot"."ingredient_id" is not null) or ("lot"."kind" <> 'bought' and "lot"."formula_revision_id" is not null)),
	CONSTRAINT "lot_price" CHECK("lot"."price_minor" is null or "lot"."price_minor" >= 0)
) STRICT;
--> statement-breakpoint
CREATE UNIQUE INDEX `lot_number_unique` ON `lot` (`number`);--> statement-breakpoint
CREATE INDEX `lot_ingredient` ON `lot` (`ingredient_id`);--> statement-breakpoint
CREATE INDEX `lot_formula` ON `lot` (`formula_revision_id`);--> statement-breakpoint
CREATE TABLE `lot_edge` (
	`from_lot` integer NOT NULL,
	`into_lot` integer NOT NULL,
	`grams` real NOT NULL,
	PRIMARY KEY(`from_lot`, `into_lot`),
	FOREIGN KEY (`from_lot`) REFERENCES `lot`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`into_lot`) REFERENCES `lot`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "lot_edge_grams" CHECK("lot_edge"."grams" > 0),
	CONSTRAINT "lot_edge_not_self" CHECK("lot_edge"."from_lot" <> "lot_edge"."into_lot")
) STRICT;
--> statement-breakpoint
CREATE INDEX `lot_edge_into` ON `lot_edge` (`into_lot`);--> statement-breakpoint
CREATE TABLE `movement` (
	`id` integer PRIMARY KEY NOT NULL,
	`lot_id` integer NOT NULL,
	`grams` real NOT NULL,
	`why` text NOT NULL,
	`entry` text,
	`person_id` integer NOT NULL,
	`at` integer NOT NULL,
	FOREIGN KEY (`lot_id`) REFERENCES `lot`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "movement_why" CHECK(why in ('receive', 'pour', 'coat', 'fill', 'sale', 'count', 'loss', 'correction')),
	CONSTRAINT "movement_grams" CHECK("movement"."grams" <> 0)
) STRICT;
--> statement-breakpoint
CREATE INDEX `movement_lot` ON `movement` (`lot_id`);--> statement-breakpoint
CREATE INDEX `movement_entry` ON `movement` (`entry`);--> statement-breakpoint
CREATE TABLE `batch` (
	`id` integer PRIMARY KEY NOT NULL,
	`number` text NOT NULL,
	`design_revision_id` integer NOT NULL,
	`species_id` text NOT NULL,
	`origin` text NOT NULL,
	`regimen_revision_id` integer NOT NULL,
	`start_at` integer NOT NULL,
	`due_at` integer,
	`split_from` integer,
	`prefer` text DEFAULT 'ideal' NOT NULL,
	`person_id` integer NOT NULL,
	`at` integer NOT NULL,
	`version` integer DEFAULT 1 NOT NULL,
	FOREIGN KEY (`design_revision_id`) REFERENCES `design_revision`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`regimen_revision_id`) REFERENCES `regimen_revision`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`split_from`) REFERENCES `batch`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "batch_origin" CHECK(origin in ('bought', 'offcut', 'found'))
) STRICT;
--> statement-breakpoint
CREATE UNIQUE INDEX `batch_number_unique` ON `batch` (`number`);--> statement-breakpoint
CREATE TABLE `batch_material` (
	`batch_id` integer NOT NULL,
	`slot` text NOT NULL,
	`lot_id` integer NOT NULL,
	PRIMARY KEY(`batch_id`, `slot`),
	FOREIGN KEY (`batch_id`) REFERENCES `batch`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`lot_id`) REFERENCES `lot`(`id`) ON UPDATE no action ON DELETE no action
) STRICT;
--> statement-breakpoint
CREATE INDEX `batch_material_lot` ON `batch_material` (`lot_id`);--> statement-breakpoint
CREATE TABLE `check_entry` (
	`id` integer PRIMARY KEY NOT NULL,
	`client_id` text NOT NULL,
	`batch_id` integer NOT NULL,
	`kind` text NOT NULL,
	`pass` integer NOT NULL,
	`note` text DEFAULT '' NOT NULL,
	`person_id` integer NOT NULL,
	`at` integer NOT NULL,
	FOREIGN KEY (`batch_id`) REFERENCES `batch`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "check_entry_kind" CHECK(kind in ('towel', 'smell', 'touch', 'water-bead'))
) STRICT;
--> statement-breakpoint
CREATE UNIQUE INDEX `check_entry_client_id_unique` ON `check_entry` (`client_id`);--> statement-breakpoint
CREATE INDEX `check_entry_batch_at` ON `check_entry` (`batch_id`,`at`);--> statement-breakpoint
CREATE TABLE `design` (
	`id` integer PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`created_at` integer NOT NULL
) STRICT;
--> statement-breakpoint
CREATE UNIQUE INDEX `design_name_unique` ON `design` (`name`);--> statement-breakpoint
CREATE TABLE `design_revision` (
	`id` integer PRIMARY KEY NOT NULL,
	`design_id` integer NOT NULL,
	`number` integer NOT NULL,
	`geometry` text NOT NULL,
	`cut_on` integer NOT NULL,
	`at` integer NOT NULL,
	FOREIGN KEY (`design_id`) REFERENCES `design`(`id`) ON UPDATE no action ON DELETE no action
) STRICT;
--> statement-breakpoint
CREATE UNIQUE INDEX `design_revision_number` ON `design_revision` (`design_id`,`number`);--> statement-breakpoint
CREATE TABLE `log_entry` (
	`id` integer PRIMARY KEY NOT NULL,
	`client_id` text NOT NULL,
	`batch_id` integer NOT NULL,
	`kind` text NOT NULL,
	`task` text NOT NULL,
	`pieces` integer NOT NULL,
	`person_id` integer NOT NULL,
	`at` integer NOT NULL,
	`recorded_at` integer NOT NULL,
	`device` text NOT NULL,
	`device_sequence` integer NOT NULL,
	`clock_offset_ms` integer DEFAULT 0 NOT NULL,
	`lot_id` integer,
	`grams` real,
	`grams_estimated` integer DEFAULT false NOT NULL,
	`temp_c` real,
	`rh_fraction` real,
	`pass` integer,
	`seen` text DEFAULT '' NOT NULL,
	`corrects` text,
	FOREIGN KEY (`batch_id`) REFERENCES `batch`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`lot_id`) REFERENCES `lot`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "log_entry_kind" CHECK(kind in ('done', 'left-out', 'correction', 'undo')),
	CONSTRAINT "log_entry_grams" CHECK("log_entry"."grams" is null or "log_entry"."grams" >= 0),
	CONSTRAINT "log_entry_points" CHECK(("log_entry"."kind" in ('correction', 'undo')) = ("log_entry"."corrects" is not null))
) STRICT;
--> statement-breakpoint
CREATE UNIQUE INDEX `log_entry_client_id_unique` ON `log_entry` (`client_id`);--> statement-breakpoint
CREATE INDEX `log_entry_batch_at` ON `log_entry` (`batch_id`,`at`);--> statement-breakpoint
CREATE INDEX `log_entry_corrects` ON `log_entry` (`corrects`);--> statement-breakpoint
CREATE TABLE `piece` (
	`id` integer PRIMARY KEY NOT NULL,
	`batch_id` integer NOT NULL,
	`ordinal` integer NOT NULL,
	`code` text NOT NULL,
	`left_at` integer,
	`left_why` text,
	FOREIGN KEY (`batch_id`) REFERENCES `batch`(`id`) ON UPDATE no action ON DELETE no action
) STRICT;
--> statement-breakpoint
CREATE UNIQUE INDEX `piece_code_unique` ON `piece` (`code`);--> statement-breakpoint
CREATE UNIQUE INDEX `piece_ordinal` ON `piece` (`batch_id`,`ordinal`);--> statement-breakpoint
CREATE TABLE `placement` (
	`id` integer PRIMARY KEY NOT NULL,
	`batch_id` integer NOT NULL,
	`place_id` integer NOT NULL,
	`at` integer NOT NULL,
	FOREIGN KEY (`batch_id`) REFERENCES `batch`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`place_id`) REFERENCES `place`(`id`) ON UPDATE no action ON DELETE no action
) STRICT;
--> statement-breakpoint
CREATE INDEX `placement_batch_at` ON `placement` (`batch_id`,`at`);--> statement-breakpoint
CREATE TABLE `rag_line` (
	`id` integer PRIMARY KEY NOT NULL,
	`hazard` text NOT NULL,
	`opened_at` integer NOT NULL,
	`opened_by` integer NOT NULL,
	`way` text,
	`laid_at` integer,
	`laid_by` integer,
	`checked_at` integer,
	`checked_by` integer,
	`version` integer DEFAULT 1 NOT NULL,
	FOREIGN KEY (`opened_by`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`laid_by`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`checked_by`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "rag_line_hazard" CHECK(hazard in ('self-heating', 'flammable', 'plain')),
	CONSTRAINT "rag_line_order" CHECK("rag_line"."checked_at" is null or "rag_line"."laid_at" is not null)
) STRICT;
--> statement-breakpoint
CREATE TABLE `rag_line_entry` (
	`rag_line_id` integer NOT NULL,
	`entry` text NOT NULL,
	`batch_id` integer NOT NULL,
	PRIMARY KEY(`rag_line_id`, `entry`),
	FOREIGN KEY (`rag_line_id`) REFERENCES `rag_line`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`batch_id`) REFERENCES `batch`(`id`) ON UPDATE no action ON DELETE no action
) STRICT;
--> statement-breakpoint
CREATE INDEX `rag_line_entry_batch` ON `rag_line_entry` (`batch_id`);--> statement-breakpoint
CREATE TABLE `regimen` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL
) STRICT;
--> statement-breakpoint
CREATE TABLE `regimen_revision` (
	`id` integer PRIMARY KEY NOT NULL,
	`regimen_id` text NOT NULL,
	`number` integer NOT NULL,
	`school` text NOT NULL,
	`gains` text NOT NULL,
	`costs` text NOT NULL,
	`care_class` text NOT NULL,
	`knife_surface` integer NOT NULL,
	`slots` text NOT NULL,
	`at` integer NOT NULL,
	FOREIGN KEY (`regimen_id`) REFERENCES `regimen`(`id`) ON UPDATE no action ON DELETE no action
) STRICT;
--> statement-breakpoint
CREATE UNIQUE INDEX `regimen_revision_number` ON `regimen_revision` (`regimen_id`,`number`);--> statement-breakpoint
CREATE TABLE `regimen_step` (
	`revision_id` integer NOT NULL,
	`ordinal` integer NOT NULL,
	`id` text NOT NULL,
	`kind` text NOT NULL,
	`action` text NOT NULL,
	`done` text NOT NULL,
	`setup_min` real NOT NULL,
	`per_piece_min` real NOT NULL,
	`wait_min` real NOT NULL,
	`wait_ideal_min` real NOT NULL,
	`wait_max_min` real,
	`slot` text,
	`lies` text,
	`coat_class` text,
	`coat` integer,
	`until` text,
	`place` text,
	`optional` integer NOT NULL,
	`note` text NOT NULL,
	PRIMARY KEY(`revision_id`, `ordinal`),
	FOREIGN KEY (`revision_id`) REFERENCES `regimen_revision`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "regimen_step_kind" CHECK(kind in ('sand', 'wet', 'coat', 'wipe', 'buff', 'scuff', 'warm', 'turn', 'check')),
	CONSTRAINT "regimen_step_hands" CHECK("regimen_step"."setup_min" >= 0 and "regimen_step"."per_piece_min" >= 0),
	CONSTRAINT "regimen_step_wait" CHECK("regimen_step"."wait_min" >= 0 and "regimen_step"."wait_min" <= "regimen_step"."wait_ideal_min" and ("regimen_step"."wait_max_min" is null or "regimen_step"."wait_ideal_min" <= "regimen_step"."wait_max_min"))
) STRICT;
--> statement-breakpoint
CREATE UNIQUE INDEX `regimen_step_id` ON `regimen_step` (`revision_id`,`id`);--> statement-breakpoint
CREATE TABLE `release` (
	`id` integer PRIMARY KEY NOT NULL,
	`number` text NOT NULL,
	`batch_id` integer NOT NULL,
	`outcome` text NOT NULL,
	`reason` text DEFAULT '' NOT NULL,
	`gates` text NOT NULL,
	`signed` text NOT NULL,
	`person_id` integer NOT NULL,
	`at` integer NOT NULL,
	FOREIGN KEY (`batch_id`) REFERENCES `batch`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "release_at" CHECK("release"."at" > 0)
) STRICT;
--> statement-breakpoint
CREATE UNIQUE INDEX `release_number_unique` ON `release` (`number`);--> statement-breakpoint
CREATE INDEX `release_batch` ON `release` (`batch_id`);