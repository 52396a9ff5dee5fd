CREATE TABLE `step_change` (
	`id` integer PRIMARY KEY NOT NULL,
	`client_id` text NOT NULL,
	`batch_id` integer NOT NULL,
	`kind` text NOT NULL,
	`slot` text NOT NULL,
	`after` text,
	`reason` text,
	`note` text DEFAULT '' NOT NULL,
	`takes_back` integer,
	`person_id` integer NOT NULL,
	`at` integer NOT NULL,
	FOREIGN KEY (`batch_id`) REFERENCES `batch`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`takes_back`) REFERENCES `step_change`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "step_change_kind" CHECK(kind in ('another', 'last', 'back')),
	CONSTRAINT "step_change_back" CHECK(("step_change"."kind" = 'back') = ("step_change"."takes_back" is not null)),
	CONSTRAINT "step_change_why" CHECK("step_change"."kind" <> 'last' or "step_change"."reason" is not null)
) STRICT;
--> statement-breakpoint
CREATE UNIQUE INDEX `step_change_client_id_unique` ON `step_change` (`client_id`);--> statement-breakpoint
CREATE INDEX `step_change_batch` ON `step_change` (`batch_id`);--> statement-breakpoint
PRAGMA foreign_keys=OFF;--> statement-breakpoint
CREATE TABLE `__new_batch_material` (
	`batch_id` integer NOT NULL,
	`slot` text NOT NULL,
	`lot_id` integer NOT NULL,
	`from_at` integer DEFAULT 0 NOT NULL,
	PRIMARY KEY(`batch_id`, `slot`, `from_at`),
	FOREIGN KEY (`batch_id`) REFERENCES `batch`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`lot_id`) REFERENCES `lot`(`id`) ON UPDATE no action ON DELETE no action
) STRICT;
--> statement-breakpoint
INSERT INTO `__new_batch_material`("batch_id", "slot", "lot_id", "from_at") SELECT "batch_id", "slot", "lot_id", 0 FROM `batch_material`;--> statement-breakpoint
DROP TABLE `batch_material`;--> statement-breakpoint
ALTER TABLE `__new_batch_material` RENAME TO `batch_material`;--> statement-breakpoint
PRAGMA foreign_keys=ON;--> statement-breakpoint
CREATE INDEX `batch_material_lot` ON `batch_material` (`lot_id`);--> statement-breakpoint
ALTER TABLE `hold` ADD `lift_why` text DEFAULT '' NOT NULL;--> statement-breakpoint
CREATE TABLE `__new_ready_made` (
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
	`role` text,
	`shares` text DEFAULT '{}' NOT NULL,
	`label_dwell_min` real,
	`label_dwell_max_min` real,
	`label_gap_min` real,
	`label_coats` integer,
	`label_food_hours` real,
	`version` integer DEFAULT 1 NOT NULL,
	CONSTRAINT "ready_made_drying" CHECK(drying in ('drying', 'never')),
	CONSTRAINT "ready_made_density" CHECK("__new_ready_made"."density_g_per_ml" > 0),
	CONSTRAINT "ready_made_coverage" CHECK("__new_ready_made"."coverage_m2_per_l" is null or "__new_ready_made"."coverage_m2_per_l" > 0),
	CONSTRAINT "ready_made_role" CHECK("__new_ready_made"."role" is null or "__new_ready_made"."role" in ('neat-oil', 'thinned-oil', 'oil-wax', 'hard-wax-oil', 'paste', 'hard-wax', 'resin-seal', 'polish', 'varnish', 'paint', 'colour', 'filler')),
	CONSTRAINT "ready_made_label" CHECK(coalesce("__new_ready_made"."label_dwell_min", 1) > 0 and coalesce("__new_ready_made"."label_dwell_max_min", 1) > 0 and coalesce("__new_ready_made"."label_gap_min", 0) >= 0 and coalesce("__new_ready_made"."label_coats", 1) > 0 and coalesce("__new_ready_made"."label_food_hours", 1) > 0)
) STRICT;
--> statement-breakpoint
INSERT INTO `__new_ready_made`("id", "name", "declared", "is_all_declared", "drying", "is_paste", "contact", "density_g_per_ml", "coverage_m2_per_l", "label_rule", "role", "shares", "label_dwell_min", "label_dwell_max_min", "label_gap_min", "label_coats", "label_food_hours", "version") SELECT "id", "name", "declared", "is_all_declared", "drying", "is_paste", "contact", "density_g_per_ml", "coverage_m2_per_l", "label_rule", NULL, '{}', NULL, NULL, NULL, NULL, NULL, "version" FROM `ready_made`;--> statement-breakpoint
DROP TABLE `ready_made`;--> statement-breakpoint
ALTER TABLE `__new_ready_made` RENAME TO `ready_made`;--> statement-breakpoint
CREATE UNIQUE INDEX `ready_made_name_unique` ON `ready_made` (`name`);--> statement-breakpoint
ALTER TABLE `batch` ADD `beyond_why` text DEFAULT '' NOT NULL;--> statement-breakpoint
CREATE TRIGGER `step_change_stays` BEFORE UPDATE ON `step_change` BEGIN SELECT RAISE(ABORT, 'the changes of a batch are append-only'); END;--> statement-breakpoint
CREATE TRIGGER `step_change_kept` BEFORE DELETE ON `step_change` BEGIN SELECT RAISE(ABORT, 'the changes of a batch are append-only'); END;
