package ostium.app.list;

import java.time.Instant;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the list of a site knows of one person, for them to have or to be deleted. */
@Service
public class PersonOnList {
    private final ListMapper list;

    PersonOnList(ListMapper list) {
        this.list = list;
    }

    /**
     * Somebody's place on the list as they may ask for it.
     *
     * @param agreed the words they agreed to, or how the owner says they agreed
     * @param confirmedAt null until they have confirmed
     */
    public record Place(String email, String name, String agreed, Instant agreedAt, Instant confirmedAt) {}

    /**
     * Their places; one, unless they wrote their address in two ways.
     *
     * @param person their mail address; anything else is on no list
     */
    public List<Place> of(String site, String person) {
        return list.ofPerson(site, person).stream()
                .map(member -> new Place(
                        member.email(), member.name(), member.agreed(), member.agreedAt(), member.confirmedAt()))
                .toList();
    }

    /** Takes them off, with the mails that told of it. Returns how many places that were. */
    @Transactional
    public int forget(String site, String person) {
        return list.deletePerson(site, person);
    }
}
