using JollyBarn.CodeBook;
using JollyBarn.Terms;

namespace JollyBarn.Making;

/// <summary>Which operation of the planner a step is timed as, and which of them: the steps of one device are one operation.</summary>
public static class StepOps
{
    /// <returns>Null for a step that no operation counts.</returns>
    public static (Assumption Op, string Of)? Of(CardStep step)
    {
        ArgumentNullException.ThrowIfNull(step);
        string Thing(string detail) => step.About[detail] is Thing thing ? thing.Id : "";
        return step.Case switch
        {
            StepCase.Joint => (WayBook.Joint, Thing("joint")),
            StepCase.BreakTab or StepCase.Device or StepCase.Terminal or StepCase.Unused or StepCase.Tape or StepCase.Fix => (
                WayBook.Device,
                Thing("device")
            ),
            StepCase.Sheath or StepCase.Nicks or StepCase.CutLength or StepCase.BringIn or StepCase.Fasten => (
                WayBook.CableIn,
                Thing("cable")
            ),
            StepCase.PartOn => (WayBook.Part, Thing("part")),
            StepCase.SetBox => (WayBook.SetBox, ""),
            StepCase.PlateOff or StepCase.PullOut or StepCase.PlateOn => (WayBook.Open, ""),
            _ => null,
        };
    }
}
