package ostium.core.trade;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A trade is found by what people call it: in everyday words, with slips, in four languages. */
class TradeFindingTest {
    private static final TradeCatalogue TRADES = TradeCatalogue.shipped();

    private record Asked(String words, String trade) {}

    /** What somebody types, and the trade that is meant; 200 of them, fifty a language. */
    private static final String TABLE = """
            chimney sweep | chimney-sweep
            chimny sweep | chimney-sweep
            chimney sweep and stove servicing | chimney-sweep
            boiler man | plumber
            someone to fix a leaking tap | plumber
            blocked drains | drainage
            sparky | electrician
            electritian | electrician
            house painter | painter-decorator
            i lay bricks, brickie | bricklayer
            plastering and skimming | plasterer
            bathroom tiler | tiler
            carpet fitter | floor-layer
            broken window glass | glazier
            double glazing fitter | window-fitter
            dog wash | dog-groomer
            dog groming | dog-groomer
            walking dogs | dog-walker
            puppy training | dog-trainer
            vet for horses and cats | vet
            horse shoeing | farrier
            piano tuning | piano-tuner
            taking up trousers alterations | tailor
            seamstres | tailor
            bike repairs | bicycle-repair
            car mechanic | garage
            mot test centre | vehicle-testing
            tyre shop | tyre-fitter
            car valeting | car-detailer
            cracked phone screen | phone-repair
            my laptop is slow, computer repair | computer-repair
            lawn mowing | gardener
            tree felling | tree-surgeon
            wasp nest removal | pest-control
            exterminater | pest-control
            handy man odd jobs | handyman
            flat pack assembly | handyman
            end of tenancy cleaning | house-cleaner
            window cleaning | window-cleaner
            mens haircut | barber
            hair salon | hairdresser
            gel nails | nail-technician
            back massage | massage
            physio for bad backs | physiotherapist
            corns and ingrown toenails | podiatrist
            wedding cakes | cake-maker
            man with a van | man-with-van
            book keeping and tax returns | accountant
            undertaker | funeral-director
            maths tutor | tutor
            Schornsteinfeger | chimney-sweep
            Kaminkehrer | chimney-sweep
            Klempner | plumber
            Heizung und Sanitär | plumber
            Elektrikermeister | electrician
            Dachdeckerei | roofer
            Malermeister | painter-decorator
            Tischlerei | carpenter
            Schreinerei | carpenter
            Schlüsselnotdienst | locksmith
            Fliesenlegerbetrieb | tiler
            Parkett verlegen | floor-layer
            verstopftes Rohr Rohrreinigung | drainage
            Putzfrau | house-cleaner
            Fensterputzer | window-cleaner
            Umzugsfirma | removals
            Gärtnerei Gartenpflege | gardener
            Baumfällung | tree-surgeon
            Klavierstimmer | piano-tuner
            Klavirstimmer | piano-tuner
            Änderungsschneiderei | tailor
            Fahradwerkstatt | bicycle-repair
            Autowerkstatt | garage
            Reifenwechsel | tyre-fitter
            Handyreparatur | phone-repair
            Computerhilfe für Senioren | computer-repair
            Friseursalon | hairdresser
            Herrenfriseur | barber
            Nagelstudio | nail-technician
            Kosmetikstudio | beautician
            Fußpflege | podiatrist
            Krankengymnastik | physiotherapist
            Zahnarzt | dentist
            Tierarztpraxis | vet
            Hundefriseur | dog-groomer
            Hundeschule | dog-trainer
            Hufschmied | farrier
            Fahrschule | driving-instructor
            Nachhilfe in Mathe | tutor
            Gitarrenunterricht | music-teacher
            Tanzschule | dance-school
            Yogakurse | yoga-teacher
            Bäckerei | baker
            Metzgerei | butcher
            Blumenladen | florist
            Hochzeitsfotograf | photographer
            Steuerberater | accountant
            Rechtsanwältin | solicitor
            Bestattungen | funeral-director
            Tagesmutter | childminder
            ramoneur | chimney-sweep
            ramonage de cheminées | chimney-sweep
            plombier chauffagiste | plumber
            fuite d'eau | plumber
            électricien | electrician
            electricien dépannage | electrician
            couvreur zingueur | roofer
            peintre en batiment | painter-decorator
            menuisier | carpenter
            serrurier | locksmith
            carreleur | tiler
            pose de parquet | floor-layer
            débouchage canalisation | drainage
            femme de menage | house-cleaner
            laveur de vitres | window-cleaner
            bricoleur petits travaux | handyman
            déménageur | removals
            jardinier paysagiste | landscaper
            entretien de jardin | gardener
            élagueur | tree-surgeon
            nid de guêpes | pest-control
            accordeur de piano | piano-tuner
            acordeur de piano | piano-tuner
            couturière retouches | tailor
            cordonnerie | shoe-repair
            réparation vélo | bicycle-repair
            garagiste | garage
            contrôle technique | vehicle-testing
            carrossier | body-shop
            réparation téléphone | phone-repair
            dépannage informatique | computer-repair
            coiffeuse | hairdresser
            coiffeur à domicile | mobile-hairdresser
            barbier | barber
            esthéticienne | beautician
            onglerie | nail-technician
            kiné | physiotherapist
            ostéopathe | osteopath
            dentiste | dentist
            vétérinaire | vet
            toilettage chien | dog-groomer
            maréchal ferrant | farrier
            auto école | driving-instructor
            cours de piano | music-teacher
            cours de yoga | yoga-teacher
            boulangerie | baker
            traiteur mariage | caterer
            fleuriste | florist
            expert comptable | accountant
            pompes funèbres | funeral-director
            deshollinador | chimney-sweep
            limpieza de chimeneas | chimney-sweep
            fontanero | plumber
            fontanería y calefacción | plumber
            electricista | electrician
            reparación de tejados | roofer
            pintor de casas | painter-decorator
            carpintería | carpenter
            cerrajero | locksmith
            cerrajero 24 horas | locksmith
            alicatador | tiler
            albañil | bricklayer
            reformas integrales | builder
            desatascos | drainage
            limpiacristales | window-cleaner
            limpieza de casas | house-cleaner
            manitas | handyman
            control de plagas | pest-control
            mudanzas | removals
            jardinero | gardener
            poda de árboles | tree-surgeon
            afinador de pianos | piano-tuner
            afinacion de piano | piano-tuner
            arreglos de ropa | tailor
            costurera | tailor
            zapatero | shoe-repair
            taller de bicicletas | bicycle-repair
            taller mecánico | garage
            mecanico a domicilio | mobile-mechanic
            chapa y pintura | body-shop
            reparación de móviles | phone-repair
            reparación de ordenadores | computer-repair
            peluquería | hairdresser
            peluqueria canina | dog-groomer
            barbería | barber
            uñas de gel | nail-technician
            masajista | massage
            fisioterapeuta | physiotherapist
            podólogo | podiatrist
            dentista | dentist
            veterinario | vet
            paseador de perros | dog-walker
            adiestrador de perros | dog-trainer
            herrador | farrier
            autoescuela | driving-instructor
            clases de guitarra | music-teacher
            clases de yoga | yoga-teacher
            panadería | baker
            floristería | florist
            abogado | solicitor
            funeraria | funeral-director
            """;

    private static List<Asked> table() {
        return TABLE.lines()
                .map(line -> line.split(" \\| "))
                .map(row -> new Asked(row[0], row[1]))
                .toList();
    }

    private static List<String> found(String words) {
        return TRADES.suggest(words, 3).stream()
                .map(match -> match.trade().id())
                .toList();
    }

    @Test
    void theRightTradeComesFirstNearlyAlwaysAndIsNearlyNeverBeyondTheThird() {
        List<String> notFirst = new ArrayList<>();
        List<String> notAmongThree = new ArrayList<>();
        List<Asked> table = table();
        for (Asked asked : table) {
            List<String> found = found(asked.words());
            if (!asked.trade().equals(found.stream().findFirst().orElse(""))) {
                notFirst.add(asked + " -> " + found);
            }
            if (!found.contains(asked.trade())) {
                notAmongThree.add(asked + " -> " + found);
            }
        }
        assertThat(table).hasSizeGreaterThanOrEqualTo(200);
        assertThat(notFirst).hasSizeLessThanOrEqualTo(table.size() * 5 / 100);
        assertThat(notAmongThree).hasSizeLessThanOrEqualTo(table.size() / 100);
    }

    /** A letter left out of a word of four or more still finds the trade among the first three. */
    @Test
    void oneLetterLeftOutIsForgiven() {
        List<String> lost = new ArrayList<>();
        int tried = 0;
        for (Trade trade : EachTrade.all()) {
            String name = trade.name();
            for (MatchResult word :
                    Pattern.compile("\\p{L}{4,}").matcher(name).results().toList()) {
                for (int i = word.start(); i < word.end(); i++) {
                    tried++;
                    String slipped = name.substring(0, i) + name.substring(i + 1);
                    if (!trade.id().equals(TradeCatalogue.GENERAL)
                            && !found(slipped).contains(trade.id())) {
                        lost.add(slipped);
                    }
                }
            }
        }
        assertThat(lost).hasSizeLessThanOrEqualTo(tried / 50);
    }

    @Test
    void everyNameFindsItsOwnTradeOrOneThatSharesIt() {
        Map<String, Set<String>> owners = new java.util.TreeMap<>();
        TRADES.all()
                .forEach(trade -> trade.names()
                        .forEach(name -> owners.computeIfAbsent(
                                        name.words().toLowerCase(java.util.Locale.ROOT),
                                        fresh -> new java.util.TreeSet<>())
                                .add(trade.id())));
        assertThat(owners.entrySet().stream()
                        .filter(owner -> !owner.getValue().contains(TradeCatalogue.GENERAL))
                        .filter(owner -> !owner.getValue()
                                .contains(TRADES.find(owner.getKey()).trade().id()))
                        .map(owner -> owner + " -> "
                                + TRADES.find(owner.getKey()).trade().id()))
                .isEmpty();
        assertThat(owners.entrySet().stream().filter(owner -> owner.getValue().size() > 1))
                .as("names that mean two trades")
                .hasSizeLessThanOrEqualTo(owners.size() / 50);
    }

    @ParameterizedTest
    @ValueSource(strings = {"falconer", "lighthouse keeper", "", "  ", "🙂", "調律師", "<script>", "the and of", "zzz"})
    void runsOnTheGeneralTradeForOtherWordsAndSaysSo(String words) {
        assertThat(TRADES.find(words)).isEqualTo(new TradeCatalogue.Found(TRADES.byId(TradeCatalogue.GENERAL), false));
    }

    @ParameterizedTest
    @ValueSource(strings = {"pia", "pian", "piano", "piano t", "piano tun"})
    void offersATradeWhileItIsBeingTyped(String begun) {
        assertThat(TRADES.suggest(begun, 6))
                .extracting(match -> match.trade().id())
                .startsWith("piano-tuner");
    }

    @Test
    void offersNothingForNothing() {
        assertThat(TRADES.suggest("xyzzy", 6)).isEmpty();
        assertThat(TRADES.suggest("", 6)).isEmpty();
    }

    @Test
    void wordsOfAnyLengthAreAnswered() {
        assertThat(Stream.of("x".repeat(5000), "chimney ".repeat(600)).map(TRADES::find))
                .doesNotContainNull();
    }
}
