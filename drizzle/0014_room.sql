PRAGMA foreign_keys=OFF;--> statement-breakpoint
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
PRAGMA foreign_keys=ON;--> statement-breakpoint
CREATE UNIQUE INDEX `regimen_step_id` ON `regimen_step` (`revision_id`,`id`);--> statement-breakpoint
ALTER TABLE `log_entry` ADD `waited` integer DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE `log_entry` ADD `wait_min` real;--> statement-breakpoint
ALTER TABLE `log_entry` ADD `wait_max_min` real;--> statement-breakpoint
ALTER TABLE `regimen_revision` ADD `own_care` text;--> statement-breakpoint
ALTER TABLE `regimen_revision` ADD `own_way` text DEFAULT '' NOT NULL;