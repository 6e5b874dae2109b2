CREATE TABLE `pieces` (
	`id` text PRIMARY KEY NOT NULL,
	`made_at` integer NOT NULL,
	`title` text NOT NULL,
	`run` text,
	`status` text NOT NULL,
	`grade` real NOT NULL,
	`price` real NOT NULL,
	`sought` text NOT NULL,
	`piece` text NOT NULL,
	`summary` text NOT NULL,
	`lessons` text
);
--> statement-breakpoint
CREATE INDEX `pieces_list` ON `pieces` (`made_at`,`id`,`run`,`status`);--> statement-breakpoint
CREATE INDEX `pieces_run` ON `pieces` (`run`);--> statement-breakpoint
ALTER TABLE `pictures` ADD `small` blob;