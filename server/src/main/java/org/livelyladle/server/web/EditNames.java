package org.livelyladle.server.web;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonSubTypes.Type;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;
import java.util.stream.Stream;
import org.livelyladle.core.edit.BriefEdit;

/** How edits of a brief are named in JSON. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "edit")
@JsonSubTypes({
    @Type(value = BriefEdit.AddCut.class, name = "ADD_CUT"),
    @Type(value = BriefEdit.LeaveOut.class, name = "LEAVE_OUT"),
    @Type(value = BriefEdit.SwapCut.class, name = "SWAP_CUT"),
    @Type(value = BriefEdit.EatUp.class, name = "EAT_UP"),
    @Type(value = BriefEdit.BuyReady.class, name = "BUY_READY"),
    @Type(value = BriefEdit.SayCooked.class, name = "SAY_COOKED"),
    @Type(value = BriefEdit.ConfirmNeeds.class, name = "CONFIRM_NEEDS"),
    @Type(value = BriefEdit.DoWithout.class, name = "DO_WITHOUT"),
    @Type(value = BriefEdit.AddSauce.class, name = "ADD_SAUCE"),
    @Type(value = BriefEdit.AddPot.class, name = "ADD_POT"),
    @Type(value = BriefEdit.FillPot.class, name = "FILL_POT"),
    @Type(value = BriefEdit.SetBaskets.class, name = "SET_BASKETS"),
    @Type(value = BriefEdit.Tend.class, name = "TEND"),
    @Type(value = BriefEdit.ShareMinding.class, name = "SHARE_MINDING"),
    @Type(value = BriefEdit.SwapBroth.class, name = "SWAP_BROTH"),
    @Type(value = BriefEdit.SitFor.class, name = "SIT_FOR"),
    @Type(value = BriefEdit.SitAt.class, name = "SIT_AT"),
    @Type(value = BriefEdit.MoveTrip.class, name = "MOVE_TRIP"),
    @Type(value = BriefEdit.ServeAs.class, name = "SERVE_AS"),
    @Type(value = BriefEdit.PinPortion.class, name = "PIN_PORTION"),
    @Type(value = BriefEdit.AddNeed.class, name = "ADD_NEED"),
    @Type(value = BriefEdit.SetAppetite.class, name = "SET_APPETITE"),
    @Type(value = BriefEdit.SetHeat.class, name = "SET_HEAT"),
    @Type(value = BriefEdit.ComeAfter.class, name = "COME_AFTER"),
    @Type(value = BriefEdit.HandOver.class, name = "HAND_OVER"),
    @Type(value = BriefEdit.LetHelp.class, name = "LET_HELP"),
    @Type(value = BriefEdit.FreePortion.class, name = "FREE_PORTION"),
    @Type(value = BriefEdit.FreeOffer.class, name = "FREE_OFFER"),
    @Type(value = BriefEdit.FreeTask.class, name = "FREE_TASK"),
    @Type(value = BriefEdit.FreeDrop.class, name = "FREE_DROP"),
    @Type(value = BriefEdit.FreeTrade.class, name = "FREE_TRADE")
})
interface EditNames {
    /** The names, in order. */
    static List<String> all() {
        return Stream.of(EditNames.class.getAnnotation(JsonSubTypes.class).value())
                .map(Type::name)
                .toList();
    }
}
