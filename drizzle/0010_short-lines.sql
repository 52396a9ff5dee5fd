PRAGMA foreign_keys=OFF;--> statement-breakpoint
CREATE TABLE `__new_slip` (
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
	CONSTRAINT "slip_kind" CHECK(kind in ('overpour', 'spread', 'stray', 'browned', 'boiled-dry', 'retarget', 'marry', 'top-up', 'let-down', 'short')),
	CONSTRAINT "slip_of" CHECK("__new_slip"."pour_id" is not null or "__new_slip"."lot_id" is not null)
) STRICT;
--> statement-breakpoint
INSERT INTO `__new_slip`("id", "kind", "pour_id", "lot_id", "says", "person_id", "at") SELECT "id", "kind", "pour_id", "lot_id", "says", "person_id", "at" FROM `slip`;--> statement-breakpoint
DROP TABLE `slip`;--> statement-breakpoint
ALTER TABLE `__new_slip` RENAME TO `slip`;--> statement-breakpoint
PRAGMA foreign_keys=ON;--> statement-breakpoint
CREATE INDEX `slip_pour` ON `slip` (`pour_id`);--> statement-breakpoint
CREATE INDEX `slip_lot` ON `slip` (`lot_id`);