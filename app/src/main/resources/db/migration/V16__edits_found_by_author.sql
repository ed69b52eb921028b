-- Whoever signs up has the edits of their browser's key: found without reading everybody's.
alter table edit add key edit_by_author (author);
