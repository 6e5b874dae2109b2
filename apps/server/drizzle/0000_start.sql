CREATE TABLE `paints` (
	`id` text PRIMARY KEY NOT NULL,
	`position` integer NOT NULL,
	`entry` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `plans` (
	`id` text PRIMARY KEY NOT NULL,
	`revision` integer NOT NULL,
	`updated_at` text NOT NULL,
	`plan` text NOT NULL,
	`summary` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `plans_updated` ON `plans` (`updated_at`);