package ostium.app.drafting;

import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
interface RoundMapper {
    /** @param recipes JSON, as {@code pins} */
    record StoredRound(int number, String recipes, String pins) {}

    @Select("select count(*) from draft_round where site = #{site}")
    int count(String site);

    @Select("select number, recipes, pins from draft_round where site = #{site} and number = #{number}")
    Optional<StoredRound> round(String site, int number);

    @Insert("insert ignore into draft_round (site, number, recipes, pins)"
            + " values (#{site}, #{number}, #{recipes}, #{pins})")
    int insert(String site, int number, String recipes, String pins);
}
