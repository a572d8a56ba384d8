DROP TABLE `log_faults`;--> statement-breakpoint
DROP TABLE `log_rows`;