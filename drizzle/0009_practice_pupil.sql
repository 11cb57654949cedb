ALTER TABLE `papers` ADD `pupilId` integer REFERENCES pupils(id) ON UPDATE no action ON DELETE set null;--> statement-breakpoint
CREATE INDEX `papers_pupil` ON `papers` (`pupilId`);