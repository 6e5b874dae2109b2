CREATE TABLE `bin` (
	`kind` text NOT NULL,
	`id` text NOT NULL,
	`name` text NOT NULL,
	`gone_at` integer NOT NULL,
	`row` text NOT NULL,
	PRIMARY KEY(`kind`, `id`)
);
--> statement-breakpoint
CREATE TABLE `draws` (
	`run` text NOT NULL,
	`kind` text NOT NULL,
	`item` text NOT NULL,
	`taken` real NOT NULL,
	PRIMARY KEY(`run`, `kind`, `item`)
);
--> statement-breakpoint
ALTER TABLE `shelf` ADD `drawn` real DEFAULT 0 NOT NULL;--> statement-breakpoint
INSERT INTO `draws`
SELECT r.`id`, json_extract(l.`value`, '$.kind'), json_extract(l.`value`, '$.id'), sum(json_extract(l.`value`, '$.taken'))
FROM `runs` r, json_each(CASE WHEN json_valid(r.`run`) THEN r.`run` ELSE '{}' END, '$.drawn.lines') l
WHERE coalesce(json_extract(CASE WHEN json_valid(r.`run`) THEN r.`run` ELSE '{}' END, '$.drawn.undone'), 0) = 0
	AND json_extract(l.`value`, '$.kind') IS NOT NULL
	AND json_extract(l.`value`, '$.id') IS NOT NULL
	AND json_extract(l.`value`, '$.taken') IS NOT NULL
GROUP BY 1, 2, 3;
--> statement-breakpoint
UPDATE `shelf` SET `drawn` = coalesce((SELECT sum(d.`taken`) FROM `draws` d WHERE d.`kind` = `shelf`.`kind` AND d.`item` = `shelf`.`id`), 0);
