CREATE TABLE `reactions` (
	`id` text PRIMARY KEY NOT NULL,
	`noted` text NOT NULL,
	`reaction` text NOT NULL
);
