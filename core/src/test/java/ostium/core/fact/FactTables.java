package ostium.core.fact;

/** Facts as people type them, and what they become: one a line, columns apart by bars; ! is refused, ? is asked. */
final class FactTables {
    private FactTables() {}

    static final String TELEPHONES = """
            # country | typed | E.164, with ;ext= where there is one; or ! and words of the reason, ? and words of the question
            GB | 0117 496 0123 | +441174960123
            GB | 01174960123 | +441174960123
            GB | 0117-496-0123 | +441174960123
            GB | 0117.496.0123 | +441174960123
            GB | 0117 496 0123 / 0117 496 0124 | ? Which one is called first
            GB | 0117 496 0123 or 07700 900123 | ? Which one is called first
            GB | 0117/496 0123 | +441174960123
            GB | (0117) 496 0123 | +441174960123
            GB | (0117)4960123 | +441174960123
            GB | +44 (0)117 496-0123 | +441174960123
            GB | +44(0)1174960123 | +441174960123
            GB | +44 117 496 0123 | +441174960123
            GB | +441174960123 | +441174960123
            GB | 00441174960123 | +441174960123
            GB | 0044 117 496 0123 | +441174960123
            GB | 00 44 117 496 0123 | +441174960123
            GB | 44 117 496 0123 | +441174960123
            GB | tel:+44-117-496-0123 | +441174960123
            GB | Tel. 0117 496 0123 | +441174960123
            GB | T: 0117 496 0123 | +441174960123
            GB | Phone 0117 496 0123 | +441174960123
            GB |   0117 496 0123   | +441174960123
            GB | 0117 496 0123 ext 4 | +441174960123;ext=4
            GB | 0117 496 0123 ext. 42 | +441174960123;ext=42
            GB | 0117 496 0123 x4 | +441174960123;ext=4
            GB | 0117 496 0123 extension 417 | +441174960123;ext=417
            GB | tel:+441174960123;ext=4 | +441174960123;ext=4
            GB | 0117 496 0123 #4 | +441174960123;ext=4
            GB | 020 7946 0018 | +442079460018
            GB | 0161 496 0777 | +441614960777
            GB | 07700 900142 | +447700900142
            GB | +44 7700 900142 | +447700900142
            GB | 07700900142 | +447700900142
            GB | 0808 157 0192 | +448081570192
            GB | 0909 879 0999 | +449098790999
            GB | 01632 960001 | +441632960001
            GB | ０１１７ ４９６ ０１２３ | +441174960123
            GB | 0117‑496‑0123 | +441174960123
            GB | +1 207 555 0142 | +12075550142
            GB | 001 207 555 0142 | +12075550142
            GB | +49 30 23125 014 | +493023125014
            GB | +33 1 99 00 12 34 | +33199001234
            GB | +353 20 911 0012 | +353209110012
            US | 207-555-0142 | +12075550142
            US | (207) 555-0142 | +12075550142
            US | 207.555.0142 | +12075550142
            US | 2075550142 | +12075550142
            US | 1-207-555-0142 | +12075550142
            US | +1 (207) 555-0142 | +12075550142
            US | +12075550142 | +12075550142
            US | 207 555 0142 ext. 12 | +12075550142;ext=12
            US | 207-555-0142 x12 | +12075550142;ext=12
            US | 800-555-0199 | +18005550199
            US | 1-800-FLOWERS | +18003569377
            US | 011 44 117 496 0123 | +441174960123
            CA | 613-555-0142 | +16135550142
            CA | (613) 555-0142 | +16135550142
            CA | +1 613 555 0142 | +16135550142
            IE | 020 911 0012 | +353209110012
            IE | 01 234 5678 | +35312345678
            IE | +353 1 234 5678 | +35312345678
            IE | 087 123 4567 | +353871234567
            IE | 00353 87 123 4567 | +353871234567
            AU | (02) 5550 1234 | +61255501234
            AU | 02 5550 1234 | +61255501234
            AU | 0491 570 156 | +61491570156
            AU | +61 491 570 156 | +61491570156
            AU | 1800 160 401 | +611800160401
            NZ | 04 555 1234 | +6445551234
            NZ | +64 4 555 1234 | +6445551234
            NZ | 021 555 123 | +6421555123
            DE | 030 23125 014 | +493023125014
            DE | 030/23125014 | +493023125014
            DE | (030) 23125-014 | +493023125014
            DE | +49 (0)30 23125014 | +493023125014
            DE | 0049 30 23125014 | +493023125014
            DE | 0171 39200 13 | +491713920013
            DE | Tel.: 030 - 23 12 50 14 | +493023125014
            FR | 01 99 00 12 34 | +33199001234
            FR | 01.99.00.12.34 | +33199001234
            FR | +33 (0)1 99 00 12 34 | +33199001234
            FR | 0033 1 99 00 12 34 | +33199001234
            FR | 06 39 98 12 34 | +33639981234
            ES | 912 345 678 | +34912345678
            ES | +34 912 34 56 78 | +34912345678
            ES | 600 123 456 | +34600123456
            IT | 06 698 12345 | +390669812345
            IT | +39 06 698 12345 | +390669812345
            IT | 312 345 6789 | +393123456789
            NL | 020 123 4567 | +31201234567
            NL | +31 (0)20 123 4567 | +31201234567
            NL | 06 12345678 | +31612345678
            PT | 212 345 678 | +351212345678
            PT | +351 212 345 678 | +351212345678
            PT | 912 345 678 | +351912345678
            GB | 0117 49 | ! too short
            GB | 496 0123 | ! area code
            GB | 0117 496 0123 45678 | ! too long
            GB | +44 117 | ! too short
            GB | +999 117 496 0123 | ! no country
            GB | hello | ! no digits
            GB | - | ! no digits
            GB | 12 | ! too short
            GB | +44 117 496 0123 0123 0123 | ! too long
            US | 555-0142 | ! area code
            US | 207-555-01 | ! too short
            US | 207-555-01421 | ! too long
            US | 1-207 | ! too short
            FR | 01 99 00 12 | ! too short
            DE | 030 | ! too short
            GB | call me | ! no digits
            """;

    static final String POINTS = """
            # typed | latitude, longitude | accuracy; or ! and words of the reason; or ? and words of the question
            49.7001, -7.4002 | 49.7001, -7.4002 | HOUSE
            49.7001,-7.4002 | 49.7001, -7.4002 | HOUSE
            49.7001 -7.4002 | 49.7001, -7.4002 | HOUSE
            49.7001; -7.4002 | 49.7001, -7.4002 | HOUSE
            49.7001/-7.4002 | 49.7001, -7.4002 | HOUSE
            49,7001; -7,4002 | 49.7001, -7.4002 | HOUSE
            49,7001 -7,4002 | 49.7001, -7.4002 | HOUSE
            +49.7001, -7.4002 | 49.7001, -7.4002 | HOUSE
            49.7001, −7.4002 | 49.7001, -7.4002 | HOUSE
            49.7001°, -7.4002° | 49.7001, -7.4002 | HOUSE
            49.7001° N, 7.4002° W | 49.7001, -7.4002 | HOUSE
            49.7001N 7.4002W | 49.7001, -7.4002 | HOUSE
            N 49.7001, W 7.4002 | 49.7001, -7.4002 | HOUSE
            N49.7001 W7.4002 | 49.7001, -7.4002 | HOUSE
            7.4002 W, 49.7001 N | 49.7001, -7.4002 | HOUSE
            lat 49.7001, lon -7.4002 | 49.7001, -7.4002 | HOUSE
            Latitude: 49.7001 Longitude: -7.4002 | 49.7001, -7.4002 | HOUSE
            49.700, -7.400 | 49.7, -7.4 | STREET
            49.7, -7.4 | 49.7, -7.4 | TOWN
            50, -7 | 50, -7 | TOWN
            49°42'0"N 7°24'0"W | 49.7, -7.4 | HOUSE
            49° 42′ 0″ N, 7° 24′ 0″ W | 49.7, -7.4 | HOUSE
            49°42'0.36"N 7°24'0.72"W | 49.7001, -7.4002 | HOUSE
            N 49° 42' 0" W 7° 24' 0" | 49.7, -7.4 | HOUSE
            49°42.006'N 7°24.012'W | 49.7001, -7.4002 | HOUSE
            49°42'N 7°24'W | 49.7, -7.4 | TOWN
            49 42 0 N 7 24 0 W | 49.7, -7.4 | HOUSE
            49d42m0s N 7d24m0s W | 49.7, -7.4 | HOUSE
            33°51'31"S 151°12'51"E | -33.858611, 151.214167 | HOUSE
            geo:49.7001,-7.4002 | 49.7001, -7.4002 | HOUSE
            geo:49.7001,-7.4002;u=35 | 49.7001, -7.4002 | HOUSE
            geo:49.7001,-7.4002;u=400 | 49.7001, -7.4002 | STREET
            geo:49.7001,-7.4002;crs=wgs84;u=5000 | 49.7001, -7.4002 | TOWN
            geo:49.7001,-7.4002,12 | 49.7001, -7.4002 | HOUSE
            geo:49.7001,-7.4002?z=15 | 49.7001, -7.4002 | HOUSE
            +49.7001-007.4002/ | 49.7001, -7.4002 | HOUSE
            POINT(-7.4002 49.7001) | 49.7001, -7.4002 | HOUSE
            https://maps.example/?q=49.7001,-7.4002 | 49.7001, -7.4002 | HOUSE
            https://maps.example/@49.7001,-7.4002,17z | 49.7001, -7.4002 | HOUSE
            https://maps.example/#map=17/49.7001/-7.4002 | 49.7001, -7.4002 | HOUSE
            https://maps.example/?mlat=49.7001&mlon=-7.4002 | 49.7001, -7.4002 | HOUSE
            https://maps.example/?ll=49.7001%2C-7.4002 | 49.7001, -7.4002 | HOUSE
            https://maps.example/?lat=49.7001&lng=-7.4002 | 49.7001, -7.4002 | HOUSE
            91.2, -107.4 | | ! Latitude goes
            107.4, 49.7 | | ! wrong way round
            49.7, 181.5 | | ! Longitude goes
            0, 0 | | ! sea off Africa
            0.0000, 0.0000 | | ! sea off Africa
            49.7 | | ! not a point
            Quillhaven | | ! not a point
            49°72'0"N 7°24'0"W | | ! up to 59
            49.7N 7.4N | | ! north or south
            https://maps.example/place/Quillhaven | | ! no point in this link
            geo:49.7,-7.4;crs=lv95 | | ! WGS 84
            49.7001 N, 7.4002 O | | ? east or west
            """;

    static final String POSTAL_CODES = """
            # country | typed | written; or ! for one of the wrong form
            GB | qh12nl | QH1 2NL
            GB | QH1 2NL | QH1 2NL
            GB | ec1a 1bb | EC1A 1BB
            GB | W1A0AX | W1A 0AX
            GB | M1 1AE | M1 1AE
            GB | QH1 2N | !
            GB | 12345 | !
            IE | d02x285 | D02 X285
            IE | D6W XY00 | D6W XY00
            IE | Dublin 2 | !
            US | 04101 | 04101
            US | 04101-1234 | 04101-1234
            US | 041011234 | 04101-1234
            US | 4101 | !
            US | 0410A | !
            CA | k1a0b1 | K1A 0B1
            CA | K1A-0B1 | K1A 0B1
            CA | D1A 0B1 | !
            CA | K1A 0B | !
            AU | 2000 | 2000
            AU | 200 | !
            NZ | 6011 | 6011
            NZ | 60111 | !
            DE | 10115 | 10115
            DE | D-10115 | 10115
            DE | 1011 | !
            FR | 75011 | 75011
            FR | F-75011 | 75011
            FR | 7501 | !
            ES | 28013 | 28013
            ES | 53001 | !
            IT | 20121 | 20121
            IT | I-20121 | 20121
            NL | 1011ab | 1011 AB
            NL | 1011 AB | 1011 AB
            NL | 1011 SS | !
            NL | 0111 AB | !
            PT | 1000-205 | 1000-205
            PT | 1000205 | 1000-205
            PT | 1000 | !
            """;

    static final String PLACES = """
            # country | typed (a new line is a slash) | street | town | region | postal code | written, lines with a slash
            GB | Flat 2, 14 Quay Street | Flat 2, 14 Quay Street | | | | Flat 2, 14 Quay Street
            FR | 12 rue des Tanneurs - 37000 Marlieu | 12 rue des Tanneurs | Marlieu | | 37000 | 12 rue des Tanneurs/37000 Marlieu
            GB | 3 Net Loft, Quillhaven QH1 2NL | 3 Net Loft | Quillhaven | | QH1 2NL | 3 Net Loft/Quillhaven QH1 2NL
            GB | 3 Net Loft/Quillhaven/qh12nl | 3 Net Loft | Quillhaven | | QH1 2NL | 3 Net Loft/Quillhaven QH1 2NL
            GB | Unit 4, Sail Yard, Tolver, QH4 1AA, UK | Unit 4, Sail Yard | Tolver | | QH4 1AA | Unit 4, Sail Yard/Tolver QH4 1AA
            GB | Quillhaven | | Quillhaven | | | Quillhaven
            GB | Quillhaven, United Kingdom | | Quillhaven | | | Quillhaven
            IE | 4 Quay Street, Dublin 2, D02 X285 | 4 Quay Street | Dublin 2 | | D02 X285 | 4 Quay Street/Dublin 2 D02 X285
            US | 18 Wharf Street, Port Merrow, ME 04199 | 18 Wharf Street | Port Merrow | ME | 04199 | 18 Wharf \
            Street/Port Merrow, ME 04199
            US | 18 Wharf Street, Port Merrow, Maine 04199 | 18 Wharf Street | Port Merrow | ME | 04199 | 18 Wharf \
            Street/Port Merrow, ME 04199
            US | 18 Wharf Street/Port Merrow ME 04199-1234/USA | 18 Wharf Street | Port Merrow | ME | 04199-1234 | 18 \
            Wharf Street/Port Merrow, ME 04199-1234
            US | Port Merrow, ME | | Port Merrow | ME | | Port Merrow, ME
            CA | 12 Mill Road, Ottawa, ON K1A 0B1 | 12 Mill Road | Ottawa | ON | K1A 0B1 | 12 Mill Road/Ottawa, ON K1A 0B1
            AU | 7 Harbour Lane, Newcastle NSW 2300 | 7 Harbour Lane | Newcastle | NSW | 2300 | 7 Harbour Lane/Newcastle NSW 2300
            NZ | 9 Kiln Street, Wellington 6011 | 9 Kiln Street | Wellington | | 6011 | 9 Kiln Street/Wellington 6011
            DE | Hafenstraße 5, 18055 Rostock | Hafenstraße 5 | Rostock | | 18055 | Hafenstraße 5/18055 Rostock
            DE | Hafenstraße 5/D-18055 Rostock/Deutschland | Hafenstraße 5 | Rostock | | 18055 | Hafenstraße 5/18055 Rostock
            FR | 5 rue du Port, 29200 Brest | 5 rue du Port | Brest | | 29200 | 5 rue du Port/29200 Brest
            ES | Calle del Puerto 5, 28013 Madrid | Calle del Puerto 5 | Madrid | | 28013 | Calle del Puerto 5/28013 Madrid
            IT | Via del Porto 5, 20121 Milano MI | Via del Porto 5 | Milano | MI | 20121 | Via del Porto 5/20121 Milano MI
            IT | Via del Porto 5, 20121 Milano (MI) | Via del Porto 5 | Milano | MI | 20121 | Via del Porto 5/20121 Milano MI
            NL | Havenstraat 5, 1011 AB Amsterdam | Havenstraat 5 | Amsterdam | | 1011 AB | Havenstraat 5/1011 AB Amsterdam
            PT | Rua do Porto 5, 1000-205 Lisboa | Rua do Porto 5 | Lisboa | | 1000-205 | Rua do Porto 5/1000-205 Lisboa
            GB | Hafenstraße 5, 18055 Rostock, Germany | Hafenstraße 5 | Rostock | | 18055 | Hafenstraße 5/18055 Rostock
            """;
}
