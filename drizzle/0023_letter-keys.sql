DROP INDEX `outbox_once`;--> statement-breakpoint
ALTER TABLE `outbox` ADD `key` text DEFAULT '' NOT NULL;--> statement-breakpoint
UPDATE `outbox` SET `key` = CASE
	WHEN `ordinal` >= 0 THEN 'look:' || `ordinal`
	WHEN `ordinal` > -1000000 THEN 'hold:' || -`ordinal`
	WHEN `ordinal` > -1000000000 THEN 'judged:' || (-1000000 - `ordinal`)
	ELSE 'answer:' || date((-1000000000 - `ordinal`) / 5 * 86400, 'unixepoch') || ':' || CASE (-1000000000 - `ordinal`) % 5
		WHEN 0 THEN 'sticky'
		WHEN 1 THEN 'pale'
		WHEN 2 THEN 'fuzzy'
		WHEN 3 THEN 'cracked'
		ELSE 'smells'
	END
END;--> statement-breakpoint
CREATE UNIQUE INDEX `outbox_key` ON `outbox` (`care_plan_id`,`key`);
