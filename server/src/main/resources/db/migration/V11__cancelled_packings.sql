-- A packing that was begun by mistake, or given up, keeps what was done; its number is free for the next.
ALTER TABLE packing
  ADD COLUMN cancelled_at DATETIME(3) NULL,
  ADD COLUMN cancelled_by VARCHAR(60) NULL,
  ADD COLUMN cancel_reason VARCHAR(1000) NULL;
