CREATE TABLE `plans` (
	`id` text PRIMARY KEY NOT NULL,
	`revision` integer NOT NULL,
	`updated_at` text NOT NULL,
	`plan` text NOT NULL,
	`summary` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `plans_updated` ON `plans` (`updated_at`);--> statement-breakpoint
CREATE TABLE `runs` (
	`id` text PRIMARY KEY NOT NULL,
	`started_at` integer NOT NULL,
	`run` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `runs_started` ON `runs` (`started_at`);--> statement-breakpoint
CREATE TABLE `settings` (
	`id` text PRIMARY KEY NOT NULL,
	`settings` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `shelf` (
	`kind` text NOT NULL,
	`id` text NOT NULL,
	`position` integer NOT NULL,
	`item` text NOT NULL,
	PRIMARY KEY(`kind`, `id`)
);
