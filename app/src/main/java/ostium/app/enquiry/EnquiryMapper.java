package ostium.app.enquiry;

import java.time.Instant;
import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface EnquiryMapper {
    /** A repeat of the same message changes nothing. */
    @Insert("insert ignore into enquiry (id, site, publication, repeat_key, state, fields, received_at)"
            + " values (#{id}, #{site}, #{publication}, #{repeatKey}, #{state}, #{fields}, #{receivedAt})")
    int insert(
            String id,
            String site,
            Long publication,
            String repeatKey,
            String state,
            String fields,
            Instant receivedAt);

    @Select(
            "select id, state, fields, received_at from enquiry where site = #{site} order by received_at desc limit 500")
    List<StoredEnquiry> ofSite(String site);

    @Select("select count(*) from enquiry where site = #{site} and state = 'NEW'")
    int countNew(String site);

    @Update("update enquiry set state = #{state} where id = #{id} and site = #{site}")
    int setState(String site, String id, String state);

    /** @param fields list of label and value, as JSON */
    record StoredEnquiry(String id, String state, String fields, Instant receivedAt) {}
}
