CREATE TABLE `fact_notice` (
	`id` integer PRIMARY KEY NOT NULL,
	`kind` text NOT NULL,
	`about` text NOT NULL,
	`batch_id` integer,
	`lot_id` integer,
	`regimen_id` text,
	`detail` text NOT NULL,
	`at` integer NOT NULL,
	`told_at` integer,
	`told_by` integer,
	`settled` text,
	`reason` text DEFAULT '' NOT NULL,
	FOREIGN KEY (`batch_id`) REFERENCES `batch`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`lot_id`) REFERENCES `lot`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`regimen_id`) REFERENCES `regimen`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`told_by`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "fact_notice_kind" CHECK(kind in ('held', 'sold-refused', 'lot-shortened', 'fit-moved', 'regimen-offered'))
) STRICT;
--> statement-breakpoint
CREATE INDEX `fact_notice_batch` ON `fact_notice` (`batch_id`);--> statement-breakpoint
CREATE UNIQUE INDEX `fact_notice_about` ON `fact_notice` (`kind`,`about`,`at`);--> statement-breakpoint
CREATE TABLE `rag_look` (
	`id` integer PRIMARY KEY NOT NULL,
	`rag_line_id` integer NOT NULL,
	`closes` integer NOT NULL,
	`person_id` integer NOT NULL,
	`at` integer NOT NULL,
	FOREIGN KEY (`rag_line_id`) REFERENCES `rag_line`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action
) STRICT;
--> statement-breakpoint
CREATE INDEX `rag_look_line` ON `rag_look` (`rag_line_id`);--> statement-breakpoint
CREATE TABLE `__new_batch` (
	`id` integer PRIMARY KEY NOT NULL,
	`number` text NOT NULL,
	`design_revision_id` integer NOT NULL,
	`species_id` text NOT NULL,
	`origin` text NOT NULL,
	`tree_known` integer DEFAULT true NOT NULL,
	`regimen_revision_id` integer NOT NULL,
	`start_at` integer NOT NULL,
	`due_at` integer,
	`split_from` integer,
	`split_at` integer,
	`joined_to` integer,
	`prefer` text DEFAULT 'ideal' NOT NULL,
	`person_id` integer NOT NULL,
	`at` integer NOT NULL,
	`version` integer DEFAULT 1 NOT NULL,
	FOREIGN KEY (`design_revision_id`) REFERENCES `design_revision`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`regimen_revision_id`) REFERENCES `regimen_revision`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`split_from`) REFERENCES `batch`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`joined_to`) REFERENCES `batch`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "batch_origin" CHECK(origin in ('bought', 'offcut', 'felled', 'found', 'treated'))
) STRICT;
--> statement-breakpoint
INSERT INTO `__new_batch`("id", "number", "design_revision_id", "species_id", "origin", "tree_known", "regimen_revision_id", "start_at", "due_at", "split_from", "split_at", "joined_to", "prefer", "person_id", "at", "version") SELECT "id", "number", "design_revision_id", "species_id", "origin", 1, "regimen_revision_id", "start_at", "due_at", "split_from", "split_at", "joined_to", "prefer", "person_id", "at", "version" FROM `batch`;--> statement-breakpoint
DROP TABLE `batch`;--> statement-breakpoint
ALTER TABLE `__new_batch` RENAME TO `batch`;--> statement-breakpoint
CREATE UNIQUE INDEX `batch_number_unique` ON `batch` (`number`);--> statement-breakpoint
CREATE TABLE `__new_pour_entry` (
	`id` integer PRIMARY KEY NOT NULL,
	`client_id` text NOT NULL,
	`pour_id` integer NOT NULL,
	`ingredient_id` text NOT NULL,
	`lot_id` integer,
	`reading_g` real NOT NULL,
	`grams` real NOT NULL,
	`corrects` text,
	`person_id` integer NOT NULL,
	`at` integer NOT NULL,
	FOREIGN KEY (`pour_id`) REFERENCES `pour`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`lot_id`) REFERENCES `lot`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "pour_entry_grams" CHECK("__new_pour_entry"."grams" > 0)
) STRICT;
--> statement-breakpoint
INSERT INTO `__new_pour_entry`("id", "client_id", "pour_id", "ingredient_id", "lot_id", "reading_g", "grams", "corrects", "person_id", "at") SELECT "id", "client_id", "pour_id", "ingredient_id", "lot_id", "reading_g", "grams", "corrects", "person_id", "at" FROM `pour_entry`;--> statement-breakpoint
DROP TABLE `pour_entry`;--> statement-breakpoint
ALTER TABLE `__new_pour_entry` RENAME TO `pour_entry`;--> statement-breakpoint
CREATE UNIQUE INDEX `pour_entry_client_id_unique` ON `pour_entry` (`client_id`);--> statement-breakpoint
CREATE INDEX `pour_entry_pour` ON `pour_entry` (`pour_id`);--> statement-breakpoint
CREATE TRIGGER `pour_entry_no_update` BEFORE UPDATE ON `pour_entry` BEGIN SELECT RAISE(ABORT, 'pour_entry is append-only'); END;--> statement-breakpoint
CREATE TRIGGER `pour_entry_no_delete` BEFORE DELETE ON `pour_entry` BEGIN SELECT RAISE(ABORT, 'pour_entry is append-only'); END;--> statement-breakpoint
CREATE TABLE `__new_rag_line_entry` (
	`rag_line_id` integer NOT NULL,
	`entry` text NOT NULL,
	`batch_id` integer,
	`pour_id` integer,
	PRIMARY KEY(`rag_line_id`, `entry`),
	FOREIGN KEY (`rag_line_id`) REFERENCES `rag_line`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`batch_id`) REFERENCES `batch`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`pour_id`) REFERENCES `pour`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "rag_line_entry_of" CHECK(("__new_rag_line_entry"."batch_id" is null) <> ("__new_rag_line_entry"."pour_id" is null))
) STRICT;
--> statement-breakpoint
INSERT INTO `__new_rag_line_entry`("rag_line_id", "entry", "batch_id", "pour_id") SELECT "rag_line_id", "entry", "batch_id", NULL FROM `rag_line_entry`;--> statement-breakpoint
DROP TABLE `rag_line_entry`;--> statement-breakpoint
ALTER TABLE `__new_rag_line_entry` RENAME TO `rag_line_entry`;--> statement-breakpoint
CREATE INDEX `rag_line_entry_batch` ON `rag_line_entry` (`batch_id`);--> statement-breakpoint
ALTER TABLE `pour` ADD `heater` text;--> statement-breakpoint
ALTER TABLE `pour` ADD `practice` integer DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE `pour` ADD `cold` integer DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE `pour` ADD `cooled_at` integer;--> statement-breakpoint
ALTER TABLE `shop` ADD `facts_version` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `shop` ADD `is_demo` integer DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE `declaration` ADD `says` text DEFAULT '[]' NOT NULL;--> statement-breakpoint
ALTER TABLE `design_revision` ADD `uses` text DEFAULT '["food-wet"]' NOT NULL;--> statement-breakpoint
ALTER TABLE `design_revision` ADD `tableware` integer DEFAULT true NOT NULL;--> statement-breakpoint
ALTER TABLE `design_revision` ADD `uses_said` integer DEFAULT true NOT NULL;--> statement-breakpoint
ALTER TABLE `rag_line` ADD `vapour` integer DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE `rag_line` ADD `answered_at` integer;--> statement-breakpoint
-- What a design is for, as far as an older file says: a knife works on it, it goes into a mouth or is a toy, else wet food. Each is asked about.
UPDATE `design_revision` SET `uses_said` = 0, `uses` = CASE
	WHEN `cut_on` AND `mouthed` THEN '["food-wet","mouth","toy","knife"]'
	WHEN `cut_on` THEN '["food-wet","knife"]'
	WHEN `mouthed` THEN '["mouth","toy"]'
	ELSE '["food-wet"]' END;
--> statement-breakpoint
-- Cloths of plain oil are done with once they are laid.
UPDATE `rag_line` SET `checked_at` = `laid_at`, `checked_by` = `laid_by` WHERE `hazard` = 'plain' AND `laid_at` IS NOT NULL AND `checked_at` IS NULL;
