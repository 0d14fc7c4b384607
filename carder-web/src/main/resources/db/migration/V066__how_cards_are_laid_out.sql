-- How a card is laid out: in which arrangement, on which side tools lie, and what was moved by hand, in millimetres from the tray's corner.
alter table card add column arrangement text check (arrangement in ('ROW', 'RING', 'SLOTS', 'HEAP', 'PAIRS', 'FREE'));
alter table card add column hand text not null default 'RIGHT' check (hand in ('RIGHT', 'LEFT'));
alter table card add column places jsonb not null default '[]';
