DROP INDEX `classes_name`;--> statement-breakpoint
-- Before this, a class could be taken out of the archive beside another of its name: the later one is told apart.
UPDATE `classes` SET `name` = `name` || ' (' || `id` || ')' WHERE `archivedAt` IS NULL AND EXISTS (SELECT 1 FROM `classes` AS `other` WHERE `other`.`name` = `classes`.`name` AND `other`.`archivedAt` IS NULL AND `other`.`id` < `classes`.`id`);--> statement-breakpoint
CREATE UNIQUE INDEX `classes_name` ON `classes` (`name`) WHERE "classes"."archivedAt" is null;
