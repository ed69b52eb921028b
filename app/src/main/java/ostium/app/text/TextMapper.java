package ostium.app.text;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface TextMapper {
    @Insert("insert into text_message (id, recipient, words, booking, state)"
            + " values (#{id}, #{text.to}, #{text.words}, #{text.booking}, 'WAITING')")
    void insert(String id, TextMessage text);

    @Select("select id, recipient, words, state, tries, made_at from text_message where id = #{id}")
    Optional<StoredText> byId(String id);

    @Select("select id, recipient, words, state, tries, made_at from text_message where booking = #{booking}"
            + " order by made_at")
    List<StoredText> ofBooking(String booking);

    @Update("update text_message set state = 'SENT', sent_at = now(6) where id = #{id}")
    void sent(String id);

    @Update("update text_message set tries = tries + 1 where id = #{id}")
    void failed(String id);

    @Update("update text_message set state = 'GIVEN_UP' where id = #{id}")
    void givenUp(String id);

    record StoredText(String id, String recipient, String words, String state, int tries, Instant madeAt) {}
}
