package ostium.app.doors;

import java.time.Instant;
import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
interface DoorTestMapper {
    @Select("select kind, what, enquiry as made, tested_at from door_test where site = #{site}")
    List<DoorTest> ofSite(String site);

    @Insert("insert into door_test (site, kind, what, enquiry, tested_at)"
            + " values (#{site}, #{test.kind}, #{test.what}, #{test.made}, #{test.testedAt})"
            + " on duplicate key update what = values(what), enquiry = values(enquiry), tested_at = values(tested_at)")
    void put(String site, DoorTest test);

    /**
     * The last test of a door.
     *
     * @param what what the door was then, as a hash
     * @param made the message or booking that went the whole way; null for doors a telephone opens
     */
    record DoorTest(String kind, String what, String made, Instant testedAt) {}
}
