CREATE TABLE `pictures` (
	`id` text PRIMARY KEY NOT NULL,
	`type` text NOT NULL,
	`taken_at` integer NOT NULL,
	`bytes` blob NOT NULL
);
