package ostium.app.booking;

import java.time.Instant;
import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Calendars that are followed by their address. */
@Mapper
interface FollowedMapper {
    String COLUMNS = "select site, name, address, tried_at, read_at, fault from followed_calendar";

    @Insert("insert into followed_calendar (site, name, address, tried_at, read_at)"
            + " values (#{site}, #{name}, #{address}, #{now}, #{now})")
    void insert(String site, String name, String address, Instant now);

    @Select(COLUMNS + " where site = #{site} order by name")
    List<Followed> ofSite(String site);

    @Select(COLUMNS + " where tried_at < #{before} order by tried_at limit 100")
    List<Followed> toRead(Instant before);

    /** Of several instances one does it. */
    @Update("update followed_calendar set tried_at = #{now} where site = #{c.site} and name = #{c.name}"
            + " and tried_at = #{c.triedAt}")
    int take(@org.apache.ibatis.annotations.Param("c") Followed calendar, Instant now);

    @Update("update followed_calendar set read_at = #{now}, fault = null where site = #{site} and name = #{name}")
    void read(String site, String name, Instant now);

    @Update("update followed_calendar set fault = #{fault} where site = #{site} and name = #{name}")
    void failed(String site, String name, String fault);

    @Delete("delete from followed_calendar where site = #{site} and name = #{name}")
    int delete(String site, String name);

    /**
     * @param triedAt when it was last asked for
     * @param readAt when it was last read
     * @param fault why it did not come at the last try, or null
     */
    record Followed(String site, String name, String address, Instant triedAt, Instant readAt, String fault) {}
}
