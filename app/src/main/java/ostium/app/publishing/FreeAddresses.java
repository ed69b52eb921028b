package ostium.app.publishing;

import org.springframework.stereotype.Service;
import ostium.app.web.Origins;

/** Tells which free addresses can still be had. */
@Service
public class FreeAddresses {
    private final PublicationMapper publications;
    private final Origins origins;

    FreeAddresses(PublicationMapper publications, Origins origins) {
        this.publications = publications;
        this.origins = origins;
    }

    /** Whether a site could be published at a name now. */
    public boolean isFree(String name) {
        String host = AddressName.normal(name);
        return AddressName.fault(host).isEmpty()
                && publications.address(origins.host(host)).isEmpty();
    }
}
