-- Which English a class speaks has become which language.
UPDATE settings
SET conventions = json_remove(json_set(conventions, '$.locale', json_extract(conventions, '$.english')), '$.english')
WHERE json_extract(conventions, '$.english') IS NOT NULL;
