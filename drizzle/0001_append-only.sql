-- What was recorded stays as it was; corrections are rows of their own.
CREATE TRIGGER `log_entry_no_update` BEFORE UPDATE ON `log_entry` BEGIN SELECT RAISE(ABORT, 'log_entry is append-only'); END;
--> statement-breakpoint
CREATE TRIGGER `log_entry_no_delete` BEFORE DELETE ON `log_entry` BEGIN SELECT RAISE(ABORT, 'log_entry is append-only'); END;
--> statement-breakpoint
CREATE TRIGGER `movement_no_update` BEFORE UPDATE ON `movement` BEGIN SELECT RAISE(ABORT, 'movement is append-only'); END;
--> statement-breakpoint
CREATE TRIGGER `movement_no_delete` BEFORE DELETE ON `movement` BEGIN SELECT RAISE(ABORT, 'movement is append-only'); END;
--> statement-breakpoint
CREATE TRIGGER `release_no_update` BEFORE UPDATE ON `release` BEGIN SELECT RAISE(ABORT, 'release is append-only'); END;
--> statement-breakpoint
CREATE TRIGGER `release_no_delete` BEFORE DELETE ON `release` BEGIN SELECT RAISE(ABORT, 'release is append-only'); END;
--> statement-breakpoint
CREATE TRIGGER `formula_line_no_update` BEFORE UPDATE ON `formula_line` BEGIN SELECT RAISE(ABORT, 'formula_line is append-only'); END;
--> statement-breakpoint
CREATE TRIGGER `formula_line_no_delete` BEFORE DELETE ON `formula_line` BEGIN SELECT RAISE(ABORT, 'formula_line is append-only'); END;
--> statement-breakpoint
CREATE TRIGGER `formula_revision_no_update` BEFORE UPDATE ON `formula_revision` BEGIN SELECT RAISE(ABORT, 'formula_revision is append-only'); END;
--> statement-breakpoint
CREATE TRIGGER `formula_revision_no_delete` BEFORE DELETE ON `formula_revision` BEGIN SELECT RAISE(ABORT, 'formula_revision is append-only'); END;
--> statement-breakpoint
CREATE TRIGGER `regimen_step_no_update` BEFORE UPDATE ON `regimen_step` BEGIN SELECT RAISE(ABORT, 'regimen_step is append-only'); END;
--> statement-breakpoint
CREATE TRIGGER `regimen_step_no_delete` BEFORE DELETE ON `regimen_step` BEGIN SELECT RAISE(ABORT, 'regimen_step is append-only'); END;
--> statement-breakpoint
CREATE TRIGGER `pour_entry_no_update` BEFORE UPDATE ON `pour_entry` BEGIN SELECT RAISE(ABORT, 'pour_entry is append-only'); END;
--> statement-breakpoint
CREATE TRIGGER `pour_entry_no_delete` BEFORE DELETE ON `pour_entry` BEGIN SELECT RAISE(ABORT, 'pour_entry is append-only'); END;
