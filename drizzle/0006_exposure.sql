DROP TABLE `exposures`;--> statement-breakpoint
ALTER TABLE `blueprints` ADD `unmet` text;