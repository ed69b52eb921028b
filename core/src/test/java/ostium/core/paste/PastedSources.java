package ostium.core.paste;

import java.util.List;
import java.util.stream.Stream;

/** Sources as owners have them, each with what should be proposed from it. */
final class PastedSources {
    private PastedSources() {}

    /**
     * @param name of the file it could be
     * @param region country of the sheet it is held against
     * @param text the source
     * @param proposed kind, proposals (name, value, how sure), what was not understood, and the note
     */
    record Pasted(String name, String region, String text, String proposed) {
        @Override
        public String toString() {
            return name;
        }
    }

    private static final List<Pasted> TEXTS = List.of(
            new Pasted("01-signature.txt", "GB", """
                    Kind regards,

                    Ada Ashlatch
                    Ashlatch Chimney Care
                    0117 496 0142 / mob 07700 900142
                    Mon-Fri 8-5.30 Sat 9-1
                    @ashlatchsweeps on the photo site
                    ada@ashlatch.example
                    Guild card being renewed
                    """, """
                    your text
                    Who people meet: Ada Ashlatch [LIKELY]
                    Name: Ashlatch Chimney Care [LIKELY]
                    Trade: chimney care [LIKELY]
                    Telephone: 0117 496 0142 [SURE]
                    Second telephone, takes texts: 07700 900142 [LIKELY]
                    Hours: Mon–Fri 8–5:30 · Sat 9–1 · Sun closed [SURE]
                    Link: @ashlatchsweeps [ASK] [Facebook @ashlatchsweeps, Instagram @ashlatchsweeps, YouTube \
                    @ashlatchsweeps, TikTok @ashlatchsweeps]
                    E-mail: ada@ashlatch.example [SURE]
                    ? Guild card being renewed
                    """),
            new Pasted("02-price-list.txt", "GB", """
                    PRICE LIST

                    Chimney sweep (45 min) ........ £65
                    Stove service, 90 mins ........ £120
                    Camera survey: from £95
                    Bird guard - from £80
                    Nest removal          on request
                    """, """
                    your text
                    Service: Chimney sweep, 45 min, £65 [SURE]
                    Trade: chimney sweep [LIKELY]
                    Service: Stove service, 90 min, £120 [SURE]
                    Service: Camera survey, from £95 [SURE]
                    Service: Bird guard, from £80 [SURE]
                    Service: Nest removal, on request [SURE]
                    ? PRICE LIST
                    """),
            new Pasted("03-flyer.txt", "GB", """
                    WREN & TINDLE PIANOS
                    Piano tuning and repair since 1998

                    Workshop: 3 Net Loft, Quillhaven QH1 2NL
                    Tel: 0117 496 0388
                    Open Tuesday to Friday 10am - 6pm, Saturday 10am - 2pm

                    Tuning   90 min   £85
                    Pitch raise   150 min   £130
                    Action regulation   from £240

                    "Our old upright sings again." - Hester Dunnock, Tolver
                    """, """
                    your text
                    Name: WREN & TINDLE PIANOS [LIKELY]
                    Trade: piano tuning and repair [LIKELY]
                    Since: 1998 [SURE]
                    Address: 3 Net Loft, Quillhaven QH1 2NL [SURE]
                    Telephone: 0117 496 0388 [SURE]
                    Hours: Tue–Fri 10–6 · Sat 10–2 · Sun, Mon closed [SURE]
                    Service: Tuning, 90 min, £85 [SURE]
                    Service: Pitch raise, 2 h 30, £130 [SURE]
                    Service: Action regulation, from £240 [SURE]
                    Said of you: “Our old upright sings again.” Hester Dunnock [LIKELY]
                    """),
            new Pasted("04-text-message.txt", "US", """
                    hi its marguerite from bellkite, shop is 18 Wharf Street, Port Merrow, ME 04199, phone \
                    207-555-0142, we're open mon-fri 9-6 and sat 10-4. hems from $18
                    """, """
                    your text
                    Address: 18 Wharf Street, Port Merrow, ME 04199 [SURE]
                    Telephone: (207) 555-0142 [SURE]
                    Hours: Mon–Fri 9–6 · Sat 10–4 · Sun closed [SURE]
                    Service: hems, from $18 [SURE]
                    ? hi its marguerite from bellkite
                    """),
            new Pasted("05-old-page.html", "GB", """
                    <!doctype html><html><head><title>Ashlatch Chimney Care</title><style>p{color:red}</style></head><body>
                    <nav><a href="/">Home</a> <a href="/prices">Prices</a></nav>
                    <h1>Ashlatch Chimney Care</h1><p>Chimney sweep covering Quillhaven, Upper Marl, Sandgate Reach and Tolver.</p>
                    <table><tr><td>Chimney sweep</td><td>£65</td></tr><tr><td>Stove service</td><td>£120</td></tr></table>
                    <p>Call <a href="tel:+441174960142">Ada</a> or <a \
                    href="mailto:ada@ashlatch.example?subject=Hello">write to us</a>.</p>
                    <p>Member of the Island Guild of Sweeps, membership no. 117.</p>
                    <p><a href="https://www.instagram.com/ashlatchsweeps/">See our work</a></p>
                    <footer>Ashlatch Ltd. Company No. 01234567. VAT GB 123 4567 89</footer><script>alert(1)</script></body></html>
                    """, """
                    a web page
                    Name: Ashlatch Chimney Care [LIKELY]
                    Trade: chimney sweep [LIKELY]
                    Comes to: Quillhaven, Upper Marl, Sandgate Reach and Tolver [LIKELY]
                    Service: Chimney sweep, £65 [SURE]
                    Service: Stove service, £120 [SURE]
                    Telephone: 0117 496 0142 [SURE]
                    E-mail: ada@ashlatch.example [SURE]
                    Member of: Island Guild of Sweeps [SURE]
                    Member number: 117 [LIKELY]
                    Instagram: instagram.com/ashlatchsweeps/ [SURE]
                    Company number: 01234567 [SURE]
                    Tax number: GB 123 4567 89 [SURE]
                    ? Ashlatch Ltd.
                    """),
            new Pasted("06-page-with-data.html", "US", """
                    <html><head><title>Bellkite</title><script \
                    type="application/ld+json">{"@context":"https://schema.org","@type":"LocalBusiness",\
                    "name":"Bellkite Alterations","telephone":"+1-207-555-0142","address":{"@type":"PostalAddress",\
                    "streetAddress":"18 Wharf Street","addressLocality":"Port \
                    Merrow","addressRegion":"ME","postalCode":"04199","addressCountry":"US"},\
                    "openingHoursSpecification":[{"@type":"OpeningHoursSpecification","dayOfWeek":["Monday","Tuesday",\
                    "Wednesday","Thursday","Friday"],"opens":"10:00","closes":"18:00"}],"sameAs":["https://\
                    www.facebook.com/bellkite"]}</script></head><body><h1>Bellkite Alterations</h1><p>Hems from \
                    $18</p></body></html>
                    """, """
                    a web page
                    Hours: Mon–Fri 10–6 · Sat, Sun closed [SURE]
                    Name: Bellkite Alterations [SURE]
                    Address: 18 Wharf Street, Port Merrow, ME 04199 [SURE]
                    Telephone: (207) 555-0142 [SURE]
                    Facebook: facebook.com/bellkite [SURE]
                    Trade: alterations [LIKELY]
                    Service: Hems, from $18 [SURE]
                    ? Bellkite
                    """),
            new Pasted("07-microdata.html", "GB", """
                    <div itemscope itemtype="https://schema.org/Plumber"><h1 itemprop="name">Tolver Taps</h1>
                    <p itemprop="address" itemscope itemtype="https://schema.org/PostalAddress"><span \
                    itemprop="streetAddress">2 Sail Street</span>, <span itemprop="addressLocality">Tolver</span> \
                    <span itemprop="postalCode">QH4 1AA</span></p>
                    <p>Ring <span itemprop="telephone">0117 496 0555</span></p><time itemprop="openingHours" \
                    content="Mo-Fr 08:00-18:00">Weekdays 8 to 6</time></div>
                    """, """
                    a web page
                    Hours: Mon–Fri 8–6 · Sat, Sun closed [SURE]
                    Name: Tolver Taps [SURE]
                    Address: 2 Sail Street, Tolver QH4 1AA [SURE]
                    Telephone: 0117 496 0555 [SURE]
                    Trade: plumber [SURE]
                    """),
            new Pasted("16-map-tags.txt", "GB", """
                    name=Ashlatch Chimney Care
                    craft=chimney_sweeper
                    phone=+44 117 496 0142
                    opening_hours=Mo-Fr 08:00-17:30; Sa 09:00-13:00; PH off
                    addr:housenumber=4
                    addr:street=Soot Lane
                    addr:city=Quillhaven
                    addr:postcode=QH1 3AB
                    contact:instagram=ashlatchsweeps
                    """, """
                    map data
                    Name: Ashlatch Chimney Care [SURE]
                    Trade: chimney sweeper [LIKELY]
                    Telephone: 0117 496 0142 [SURE]
                    Hours: Mon–Fri 8–5:30 · Sat 9–1 · Sun closed [SURE]
                    Other hours: public holidays closed [SURE]
                    Instagram: instagram.com/ashlatchsweeps/ [SURE]
                    Address: 4 Soot Lane, Quillhaven QH1 3AB [SURE]
                    """),
            new Pasted("17-german.txt", "DE", """
                    Klavierbau Tindle
                    Hafenstraße 5
                    18055 Rostock
                    Tel. 0381 1234567
                    Öffnungszeiten: Mo-Fr 9-17 Uhr, Sa nach Vereinbarung
                    Stimmung 85,00 €
                    """, """
                    your text
                    Name: Klavierbau Tindle [LIKELY]
                    Address: Hafenstraße 5, 18055 Rostock [SURE]
                    Telephone: 0381 1234567 [SURE]
                    Hours: Mon–Fri 9–5 · Sat by appointment · Sun closed [SURE]
                    Service: Stimmung, €85 [SURE]
                    """),
            new Pasted("18-french.txt", "FR", """
                    Atelier Bellkite
                    5 rue du Port, 29200 Brest
                    Tél : 02 98 00 12 34
                    du lundi au vendredi de 9h à 12h et de 14h à 18h
                    Ourlet dès 18 €
                    """, """
                    your text
                    Name: Atelier Bellkite [LIKELY]
                    Address: 5 rue du Port, 29200 Brest [SURE]
                    Telephone: 02 98 00 12 34 [SURE]
                    Hours: Mon–Fri 9–12 and 2–6 · Sat, Sun closed [SURE]
                    Service: Ourlet, from €18 [SURE]
                    """),
            new Pasted("19-hours-in-lines.txt", "GB", """
                    Opening times
                    Monday: 9am - 5pm
                    Tuesday: 9am - 5pm
                    Wednesday: closed
                    Thursday: 9am - 7pm
                    Friday: 9am - 5pm
                    Saturday: 10am - 2pm
                    """, """
                    your text
                    Hours: Mon, Tue 9–5 · Thu 9–7 · Fri 9–5 · Sat 10–2 · Sun, Wed closed [SURE]
                    ? Opening times
                    """),
            new Pasted("20-ambiguous-hours.txt", "GB", """
                    Shop open Mon-Sat 8-8
                    Closed 24 Dec 2026 - 2 Jan 2027
                    """, """
                    your text
                    Hours: Mon-Sat 8-8 [ASK] [Mon-Sat 8am–8pm, Mon-Sat 8pm–8am]
                    Other hours: 24 Dec 2026–2 Jan 2027 closed [LIKELY]
                    """),
            new Pasted("21-links.txt", "GB", """
                    Follow us
                    https://www.facebook.com/ashlatchsweeps?ref=page
                    instagram: ashlatch.sweeps
                    https://maps.example/?q=49.7012,-7.4031
                    www.ashlatch.example
                    https://www.youtube.com
                    """, """
                    your text
                    Facebook: facebook.com/ashlatchsweeps [SURE]
                    Instagram: instagram.com/ashlatch.sweeps/ [SURE]
                    Point on the map: https://maps.example/?q=49.7012,-7.4031 [SURE]
                    Link: ashlatch.example [SURE]
                    ? Follow us
                    ? https://www.youtube.com
                    """),
            new Pasted("22-testimonials.txt", "GB", """
                    What people say
                    “She swept two chimneys before breakfast and left no dust.” – Piet Marrow, Tolver
                    “On time, kind to the dog.” Oona Quayle
                    """, """
                    your text
                    Said of you: “She swept two chimneys before breakfast and left no dust.” Piet Marrow [LIKELY]
                    Said of you: “On time, kind to the dog.” Oona Quayle [LIKELY]
                    ? What people say
                    """),
            new Pasted("23-letterhead.txt", "GB", """
                    Tolver & Daughters Ltd | Unit 4, Sail Yard, Tolver QH4 1AA | T 0117 496 0555 | F 0117 496 0556 | hello@tolver.example
                    Registered in England and Wales no. 01234567 | VAT no. GB 123 4567 89 | Est. 1987
                    """, """
                    your text
                    Name: Tolver & Daughters Ltd [LIKELY]
                    Address: Unit 4, Sail Yard, Tolver QH4 1AA [SURE]
                    Telephone: 0117 496 0555 [SURE]
                    E-mail: hello@tolver.example [SURE]
                    Company number: 01234567 [SURE]
                    Tax number: GB 123 4567 89 [SURE]
                    Since: 1987 [SURE]
                    """),
            new Pasted("24-not-a-number.txt", "GB", """
                    Order 2026-11-25, invoice no. 0117496012
                    Account 12345678, sort code 00-11-22
                    Total 65.00
                    """, """
                    your text
                    ? Order 2026-11-25, invoice no. 0117496012 / Account 12345678, sort code 00-11-22 / Total 65.00
                    ! This looks like a bill or an order, so whose address and number these are is asked. Paste your own \
                    letterhead to have them read.
                    """),
            new Pasted("25-second-signature.txt", "GB", """
                    --\s
                    Tom Wren | Wren & Tindle Pianos
                    tuner and restorer
                    07700 900388 | 0117 496 0388
                    3 Net Loft
                    Quillhaven
                    QH1 2NL
                    www.wrentindle.example
                    We answer messages within one working day.
                    """, """
                    your text
                    Who people meet: Tom Wren [LIKELY]
                    Name: Wren & Tindle Pianos [LIKELY]
                    Second telephone, takes texts: 07700 900388 [LIKELY]
                    Telephone: 0117 496 0388 [SURE]
                    Address: 3 Net Loft, Quillhaven QH1 2NL [SURE]
                    Link: wrentindle.example [SURE]
                    Answers: within one working day [LIKELY]
                    ? tuner and restorer
                    """),
            new Pasted("26-us-card.txt", "US", """
                    Marguerite Bell
                    Bellkite Alterations
                    18 Wharf Street
                    Port Merrow, ME 04199
                    (207) 555-0142
                    marguerite@bellkite.example
                    Tue-Fri 10-6, Sat 10-4
                    """, """
                    your text
                    Who people meet: Marguerite Bell [LIKELY]
                    Name: Bellkite Alterations [LIKELY]
                    Trade: alterations [LIKELY]
                    Address: 18 Wharf Street, Port Merrow, ME 04199 [SURE]
                    Telephone: (207) 555-0142 [SURE]
                    E-mail: marguerite@bellkite.example [SURE]
                    Hours: Tue–Fri 10–6 · Sat 10–4 · Sun, Mon closed [SURE]
                    """));

    static final List<Pasted> ALL =
            Stream.concat(TEXTS.stream(), PastedFiles.ALL.stream()).toList();
}
