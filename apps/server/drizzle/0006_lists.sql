DROP INDEX `plans_updated`;--> statement-breakpoint
ALTER TABLE `plans` ADD `sought` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `plans` ADD `pour` text;--> statement-breakpoint
CREATE INDEX `plans_list` ON `plans` (`updated_at`,`id`,`revision`,`pour`,`sought`,`summary`);--> statement-breakpoint
DROP INDEX `runs_started`;--> statement-breakpoint
ALTER TABLE `runs` ADD `plan_id` text;--> statement-breakpoint
ALTER TABLE `runs` ADD `ended_at` integer;--> statement-breakpoint
CREATE INDEX `runs_list` ON `runs` (`started_at`,`id`,`ended_at`,`summary`);--> statement-breakpoint
CREATE INDEX `runs_plan` ON `runs` (`plan_id`,`ended_at`);--> statement-breakpoint
UPDATE `plans` SET
	`sought` = lower(coalesce(json_extract(`summary`, '$.title'), '')),
	`pour` = json_extract(`summary`, '$.pour')
WHERE json_valid(`summary`);
--> statement-breakpoint
UPDATE `runs` SET
	`plan_id` = json_extract(`run`, '$.planId'),
	`ended_at` = json_extract(`run`, '$.endedAt')
WHERE json_valid(`run`);
