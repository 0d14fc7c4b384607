-- What a calculator worked out for a card has the name that people use.
alter table provocation_reckoning rename to provocation_calculation;
alter index provocation_reckoning_by_card rename to provocation_calculation_by_card;

-- What was done before today can still be taken back.
update done_row set of_table = 'provocation_calculation' where of_table = 'provocation_reckoning';
