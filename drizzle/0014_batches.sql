CREATE TABLE `dry_weighing` (
	`id` integer PRIMARY KEY NOT NULL,
	`client_id` text NOT NULL,
	`batch_id` integer NOT NULL,
	`piece_id` integer NOT NULL,
	`grams` real NOT NULL,
	`person_id` integer NOT NULL,
	`at` integer NOT NULL,
	FOREIGN KEY (`batch_id`) REFERENCES `batch`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`piece_id`) REFERENCES `piece`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "dry_weighing_grams" CHECK("dry_weighing"."grams" > 0)
) STRICT;
--> statement-breakpoint
CREATE UNIQUE INDEX `dry_weighing_client_id_unique` ON `dry_weighing` (`client_id`);--> statement-breakpoint
CREATE INDEX `dry_weighing_batch` ON `dry_weighing` (`batch_id`,`at`);--> statement-breakpoint
CREATE TABLE `note` (
	`id` integer PRIMARY KEY NOT NULL,
	`client_id` text NOT NULL,
	`batch_id` integer,
	`text` text NOT NULL,
	`person_id` integer NOT NULL,
	`at` integer NOT NULL,
	FOREIGN KEY (`batch_id`) REFERENCES `batch`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action
) STRICT;
--> statement-breakpoint
CREATE UNIQUE INDEX `note_client_id_unique` ON `note` (`client_id`);--> statement-breakpoint
CREATE INDEX `note_batch` ON `note` (`batch_id`);--> statement-breakpoint
CREATE TABLE `own_wood` (
	`id` text NOT NULL,
	`number` integer NOT NULL,
	`like_id` text NOT NULL,
	`facts` text NOT NULL,
	`why` text NOT NULL,
	`person_id` integer NOT NULL,
	`at` integer NOT NULL,
	PRIMARY KEY(`id`, `number`),
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action
) STRICT;
--> statement-breakpoint
CREATE TABLE `verdict` (
	`id` integer PRIMARY KEY NOT NULL,
	`client_id` text NOT NULL,
	`batch_id` integer NOT NULL,
	`kind` text NOT NULL,
	`score` integer NOT NULL,
	`person_id` integer NOT NULL,
	`at` integer NOT NULL,
	FOREIGN KEY (`batch_id`) REFERENCES `batch`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`person_id`) REFERENCES `person`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "verdict_kind" CHECK(kind in ('gloss', 'colour', 'feel', 'again')),
	CONSTRAINT "verdict_score" CHECK("verdict"."score" between 1 and 5)
) STRICT;
--> statement-breakpoint
CREATE UNIQUE INDEX `verdict_client_id_unique` ON `verdict` (`client_id`);--> statement-breakpoint
CREATE INDEX `verdict_batch` ON `verdict` (`batch_id`);--> statement-breakpoint
PRAGMA foreign_keys=OFF;--> statement-breakpoint
CREATE TABLE `__new_place` (
	`id` integer PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`kind` text NOT NULL,
	`light` text DEFAULT 'indoor' NOT NULL,
	`capacity` real,
	`hazards` text DEFAULT '[]' NOT NULL,
	`usual_temp_c` real,
	`usual_rh_fraction` real,
	`version` integer DEFAULT 1 NOT NULL,
	CONSTRAINT "place_kind" CHECK(kind in ('bench', 'lathe', 'rack', 'bath', 'sill', 'warm cabinet', 'elsewhere'))
) STRICT;
--> statement-breakpoint
INSERT INTO `__new_place`("id", "name", "kind", "light", "capacity", "hazards", "usual_temp_c", "usual_rh_fraction", "version") SELECT "id", "name", "kind", "light", "capacity", '[]', null, null, "version" FROM `place`;--> statement-breakpoint
DROP TABLE `place`;--> statement-breakpoint
ALTER TABLE `__new_place` RENAME TO `place`;--> statement-breakpoint
PRAGMA foreign_keys=ON;--> statement-breakpoint
CREATE UNIQUE INDEX `place_name_unique` ON `place` (`name`);--> statement-breakpoint
CREATE TABLE `__new_regimen_step` (
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
	`expect` integer DEFAULT 1 NOT NULL,
	`again_min` real DEFAULT 0 NOT NULL,
	`place` text,
	`optional` integer NOT NULL,
	`note` text NOT NULL,
	`label_rule` text DEFAULT '' NOT NULL,
	`detail` text DEFAULT '{}' NOT NULL,
	PRIMARY KEY(`revision_id`, `ordinal`),
	FOREIGN KEY (`revision_id`) REFERENCES `regimen_revision`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "regimen_step_kind" CHECK(kind in ('sand', 'wet', 'coat', 'wipe', 'buff', 'scuff', 'warm', 'turn', 'check', 'inspect', 'colour', 'fill', 'paint', 'spray', 'press', 'wheel')),
	CONSTRAINT "regimen_step_hands" CHECK("__new_regimen_step"."setup_min" >= 0 and "__new_regimen_step"."per_piece_min" >= 0),
	CONSTRAINT "regimen_step_wait" CHECK("__new_regimen_step"."wait_min" >= 0 and "__new_regimen_step"."wait_min" <= "__new_regimen_step"."wait_ideal_min" and ("__new_regimen_step"."wait_max_min" is null or "__new_regimen_step"."wait_ideal_min" <= "__new_regimen_step"."wait_max_min"))
) STRICT;
--> statement-breakpoint
INSERT INTO `__new_regimen_step`("revision_id", "ordinal", "id", "kind", "action", "done", "setup_min", "per_piece_min", "wait_min", "wait_ideal_min", "wait_max_min", "slot", "lies", "coat_class", "coat", "until", "expect", "again_min", "place", "optional", "note", "label_rule", "detail") SELECT "revision_id", "ordinal", "id", "kind", "action", "done", "setup_min", "per_piece_min", "wait_min", "wait_ideal_min", "wait_max_min", "slot", "lies", "coat_class", "coat", "until", "expect", "again_min", "place", "optional", "note", "label_rule", '{}' FROM `regimen_step`;--> statement-breakpoint
DROP TABLE `regimen_step`;--> statement-breakpoint
ALTER TABLE `__new_regimen_step` RENAME TO `regimen_step`;--> statement-breakpoint
CREATE UNIQUE INDEX `regimen_step_id` ON `regimen_step` (`revision_id`,`id`);--> statement-breakpoint
ALTER TABLE `care_plan` ADD `own_days` integer;--> statement-breakpoint
ALTER TABLE `care_plan` ADD `own_words` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `batch` ADD `uses` text;--> statement-breakpoint
ALTER TABLE `batch` ADD `keeper` text;--> statement-breakpoint
ALTER TABLE `batch` ADD `customer` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `batch` ADD `wishes` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `batch` ADD `own_care` text;--> statement-breakpoint
ALTER TABLE `batch` ADD `also_woods` text DEFAULT '[]' NOT NULL;--> statement-breakpoint
ALTER TABLE `batch` ADD `glue` text;--> statement-breakpoint
ALTER TABLE `batch` ADD `again_of` integer REFERENCES batch(id);--> statement-breakpoint
ALTER TABLE `batch` ADD `rough_on` text;--> statement-breakpoint
ALTER TABLE `log_entry` ADD `waited` integer DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE `log_entry` ADD `wait_min` real;--> statement-breakpoint
ALTER TABLE `log_entry` ADD `wait_max_min` real;--> statement-breakpoint
ALTER TABLE `piece` ADD `design_revision_id` integer REFERENCES design_revision(id);--> statement-breakpoint
ALTER TABLE `piece` ADD `species_id` text;--> statement-breakpoint
ALTER TABLE `piece` ADD `uses` text;--> statement-breakpoint
ALTER TABLE `regimen_revision` ADD `own_care` text;--> statement-breakpoint
ALTER TABLE `regimen_revision` ADD `own_way` text DEFAULT '' NOT NULL;--> statement-breakpoint
CREATE TRIGGER `regimen_step_no_update` BEFORE UPDATE ON `regimen_step` BEGIN SELECT RAISE(ABORT, 'regimen_step is append-only'); END;--> statement-breakpoint
CREATE TRIGGER `regimen_step_no_delete` BEFORE DELETE ON `regimen_step` BEGIN SELECT RAISE(ABORT, 'regimen_step is append-only'); END;--> statement-breakpoint
CREATE TRIGGER `slip_no_update` BEFORE UPDATE ON `slip` BEGIN SELECT RAISE(ABORT, 'slip is append-only'); END;--> statement-breakpoint
CREATE TRIGGER `slip_no_delete` BEFORE DELETE ON `slip` BEGIN SELECT RAISE(ABORT, 'slip is append-only'); END;--> statement-breakpoint
CREATE TRIGGER `note_no_update` BEFORE UPDATE ON `note` BEGIN SELECT RAISE(ABORT, 'note is append-only'); END;--> statement-breakpoint
CREATE TRIGGER `note_no_delete` BEFORE DELETE ON `note` BEGIN SELECT RAISE(ABORT, 'note is append-only'); END;--> statement-breakpoint
CREATE TRIGGER `verdict_no_update` BEFORE UPDATE ON `verdict` BEGIN SELECT RAISE(ABORT, 'verdict is append-only'); END;--> statement-breakpoint
CREATE TRIGGER `verdict_no_delete` BEFORE DELETE ON `verdict` BEGIN SELECT RAISE(ABORT, 'verdict is append-only'); END;--> statement-breakpoint
CREATE TRIGGER `own_wood_no_update` BEFORE UPDATE ON `own_wood` BEGIN SELECT RAISE(ABORT, 'own_wood is append-only'); END;--> statement-breakpoint
CREATE TRIGGER `own_wood_no_delete` BEFORE DELETE ON `own_wood` BEGIN SELECT RAISE(ABORT, 'own_wood is append-only'); END;--> statement-breakpoint
CREATE TRIGGER `dry_weighing_no_update` BEFORE UPDATE ON `dry_weighing` BEGIN SELECT RAISE(ABORT, 'dry_weighing is append-only'); END;--> statement-breakpoint
CREATE TRIGGER `dry_weighing_no_delete` BEFORE DELETE ON `dry_weighing` BEGIN SELECT RAISE(ABORT, 'dry_weighing is append-only'); END;
