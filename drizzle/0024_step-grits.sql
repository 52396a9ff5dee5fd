DROP TRIGGER `regimen_step_no_update`;--> statement-breakpoint
UPDATE `regimen_step` SET `detail` = json_patch(`detail`, json_object('grit', (
	WITH RECURSIVE `at`(`i`) AS (SELECT 1 UNION ALL SELECT `i` + 1 FROM `at` WHERE `i` < length(`action`)),
		`digits`(`n`, `like`) AS (VALUES (2, '[0-9][0-9]'), (3, '[0-9][0-9][0-9]'), (4, '[0-9][0-9][0-9][0-9]'))
	SELECT CAST(substr(`action`, `i`, `n`) AS INTEGER) FROM `at`, `digits`
	WHERE substr(`action`, `i`, `n`) GLOB `like`
		AND substr(' ' || `action`, `i`, 1) NOT GLOB '[0-9A-Za-z_]'
		AND substr(`action` || ' ', `i` + `n`, 1) NOT GLOB '[0-9A-Za-z_]'
	ORDER BY `i` LIMIT 1
))) WHERE `kind` IN ('sand', 'scuff');--> statement-breakpoint
CREATE TRIGGER `regimen_step_no_update` BEFORE UPDATE ON `regimen_step` BEGIN SELECT RAISE(ABORT, 'regimen_step is append-only'); END;
