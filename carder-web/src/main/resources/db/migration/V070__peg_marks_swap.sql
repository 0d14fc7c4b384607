-- Two children of a room may swap their marks: only what stands at the end counts.
alter table child drop constraint child_room_id_peg_mark_key;
alter table child add constraint child_room_id_peg_mark_key unique (room_id, peg_mark) deferrable initially deferred;
