package ostium.core.paste;

import java.util.List;
import ostium.core.paste.PastedSources.Pasted;

/** Sources that are files of a format: cards, data, tables, calendars. */
final class PastedFiles {
    private PastedFiles() {}

    static final List<Pasted> ALL = List.of(
            new Pasted("08-card-3.vcf", "GB", """
                    BEGIN:VCARD
                    VERSION:3.0
                    N:Wren;Tom;;;
                    FN:Tom Wren
                    ORG:Wren & Tindle Pianos
                    TITLE:Piano tuner
                    TEL;TYPE=WORK,VOICE:0117 496 0388
                    TEL;TYPE=CELL:07700 900388
                    TEL;TYPE=FAX:0117 496 0389
                    EMAIL:tom@wrentindle.example
                    ADR;TYPE=WORK:;;3 Net Loft;Quillhaven;;QH1 2NL;United Kingdom
                    URL:https://wrentindle.example
                    GEO:49.7012;-7.4031
                    END:VCARD
                    """, """
                    a contact file
                    Name: Wren & Tindle Pianos [SURE]
                    Who people meet: Tom Wren [SURE]
                    Trade: Piano tuner [SURE]
                    Telephone: 0117 496 0388 [SURE]
                    Second telephone, takes texts: 07700 900388 [SURE]
                    E-mail: tom@wrentindle.example [SURE]
                    Address: 3 Net Loft, Quillhaven QH1 2NL [SURE]
                    Link: wrentindle.example [SURE]
                    Point on the map: geo:49.7012,-7.4031 [SURE]
                    """),
            new Pasted("09-card-21.vcf", "US", """
                    BEGIN:VCARD
                    VERSION:2.1
                    N:Bell;Marguerite
                    FN:Marguerite Bell
                    ORG:Bellkite Alterations
                    TEL;WORK;VOICE:(207) 555-0142
                    EMAIL;PREF;INTERNET:marguerite@bellkite.example
                    NOTE;ENCODING=QUOTED-PRINTABLE:Hems in the same week=2C when dropped off by Wednesday
                    END:VCARD
                    """, """
                    a contact file
                    Name: Bellkite Alterations [SURE]
                    Who people meet: Marguerite Bell [SURE]
                    Telephone: (207) 555-0142 [SURE]
                    E-mail: marguerite@bellkite.example [SURE]
                    In your own words: Hems in the same week, when dropped off by Wednesday [LIKELY]
                    """),
            new Pasted("10-card-cut.vcf", "GB", """
                    BEGIN:VCARD
                    VERSION:4.0
                    FN:Ashlatch Chimney Care
                    TEL;VALUE=uri:tel:+44-117-496-0142
                    EMAIL:ada@ashlatch.exam
                    """.stripTrailing(), """
                    a contact file
                    Name: Ashlatch Chimney Care [SURE]
                    Telephone: 0117 496 0142 [SURE]
                    E-mail: ada@ashlatch.exam [SURE]
                    ! The file ends in the middle of a card. What is there has been read.
                    """),
            new Pasted("11-business.jsonld", "GB", """
                    {
                      "@context": "https://schema.org",
                      "@type": "HairSalon",
                      "name": "Sandgate Cuts",
                      "telephone": "0117 496 0601",
                      "openingHours": ["Tu-Sa 09:00-17:30"],
                      "geo": { "@type": "GeoCoordinates", "latitude": 49.7034, "longitude": -7.3921 },
                      "review": [{ "@type": "Review", "reviewBody": "Best fringe on the island.", "author": { \
                      "@type": "Person", "name": "Oona Quayle" } }],
                      "paymentAccepted": "Cash"
                    }
                    """, """
                    data of a web page
                    Hours: Tue–Sat 9–5:30 · Sun, Mon closed [SURE]
                    Name: Sandgate Cuts [SURE]
                    Point on the map: 49.7034, -7.3921 [SURE]
                    Telephone: 0117 496 0601 [SURE]
                    Said of you: Oona Quayle, Best fringe on the island. [SURE]
                    ! Left alone, because Ostium has no place for it: paymentAccepted.
                    """),
            new Pasted("12-services.csv", "GB", """
                    Service,Price,Duration,Description
                    Chimney sweep,£65,45,"With brush and vacuum, certificate included"
                    Stove service,£120,90 min,
                    Camera survey,from £95,60,
                    """, """
                    a table
                    Service: Chimney sweep, 45 min, £65 [SURE]
                    Service: Stove service, 90 min, £120 [SURE]
                    Service: Camera survey, 60 min, from £95 [SURE]
                    """),
            new Pasted("13-services-semicolons.csv", "DE", """
                    Leistung;Preis;Dauer
                    Stimmung;85,00 €;90 min
                    Stimmung mit Anhebung;130,00 €;150 min
                    Regulierung;ab 240 €;
                    """, """
                    a table
                    Service: Stimmung, 90 min, €85 [SURE]
                    Service: Stimmung mit Anhebung, 2 h 30, €130 [SURE]
                    Service: Regulierung, from €240 [SURE]
                    """),
            new Pasted("14-services-no-heading.csv", "US", """
                    Hems,from $18,30 min
                    Jackets,from $45,
                    Zips,from $22,
                    Wedding dress fitting,$60,60 min
                    """, """
                    a table
                    Service: Hems, 30 min, from $18 [SURE]
                    Service: Jackets, from $45 [SURE]
                    Service: Zips, from $22 [SURE]
                    Service: Wedding dress fitting, 60 min, $60 [SURE]
                    """),
            new Pasted("15-calendar.ics", "GB", """
                    BEGIN:VCALENDAR
                    VERSION:2.0
                    PRODID:-//Quill//Diary//EN
                    BEGIN:VEVENT
                    UID:1@quill.example
                    DTSTAMP:20261101T000000Z
                    DTSTART;TZID=Europe/London:20260105T090000
                    DTEND;TZID=Europe/London:20260105T173000
                    RRULE:FREQ=WEEKLY;BYDAY=MO,TU,WE,TH,FR
                    SUMMARY:Open
                    END:VEVENT
                    BEGIN:VEVENT
                    UID:2@quill.example
                    DTSTAMP:20261101T000000Z
                    DTSTART;VALUE=DATE:20261224
                    DTEND;VALUE=DATE:20270103
                    SUMMARY:Closed for the holidays
                    END:VEVENT
                    BEGIN:VEVENT
                    UID:3@quill.example
                    DTSTAMP:20261101T000000Z
                    DTSTART:20261203T100000Z
                    DTEND:20261203T110000Z
                    SUMMARY:Dentist
                    END:VEVENT
                    END:VCALENDAR
                    """, """
                    a calendar file
                    Hours: Mon–Fri 9–5:30 · Sat, Sun closed [LIKELY]
                    Other hours: 24 Dec 2026–2 Jan 2027 closed (the holidays) [LIKELY]
                    ! One event says neither “open” nor “closed” and was left alone.
                    """));
}
