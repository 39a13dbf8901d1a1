namespace JollyBarn.Practice.Spot;

/// <summary>What skill seeing a mistake asks for, and how each went.</summary>
public static class SpotSkills
{
    public static Skill Of(Mistake mistake) =>
        mistake switch
        {
            Mistake.HotAndNeutralExchanged
            or Mistake.HotOnGroundScrew
            or Mistake.NeutralToGround
            or Mistake.SwitchInNeutral
            or Mistake.LoadSideFed
            or Mistake.WhiteNotMarked
            or Mistake.GreenAsHot
            or Mistake.EndLeftOpen => Skill.SpotConnections,
            Mistake.TabWhole or Mistake.NotTied or Mistake.SameLeg or Mistake.NeutralNotBrought => Skill.SpotConnections,
            Mistake.NotBondedThrough
            or Mistake.GroundLeftOff
            or Mistake.BoxNotBonded
            or Mistake.BondByCoverScrew
            or Mistake.TooManyOnScrewOfBox => Skill.SpotGrounding,
            Mistake.ConnectorSmall
            or Mistake.ConnectorUnlisted
            or Mistake.JointBare
            or Mistake.JointLoose
            or Mistake.CopperBelowConnector
            or Mistake.TwoOnOneScrew
            or Mistake.ThickInHole => Skill.SpotJoints,
            Mistake.CableNotHeld
            or Mistake.SheathShort
            or Mistake.SheathHurt
            or Mistake.FastenedFar
            or Mistake.FastenerHurts
            or Mistake.SpacedFar
            or Mistake.SlackLong
            or Mistake.NearStudEdge
            or Mistake.NoGrommet
            or Mistake.BentSharp
            or Mistake.Bundled
            or Mistake.NoBushing
            or Mistake.BuriedShallow
            or Mistake.RiserOpen
            or Mistake.CordForCable
            or Mistake.DryCable
            or Mistake.MarkedWrong => Skill.SpotCables,
            Mistake.LeadShort
            or Mistake.ReachShort
            or Mistake.InsulationHurt
            or Mistake.CopperNicked
            or Mistake.ThinPigtail
            or Mistake.WireThin => Skill.SpotWires,
            Mistake.NotProtected
            or Mistake.NotArcProtected
            or Mistake.NotTamperResistant
            or Mistake.YokeLoose
            or Mistake.WrongScrews
            or Mistake.TightByFeel
            or Mistake.RatedTooHigh
            or Mistake.ButtonDead
            or Mistake.ButtonHidden
            or Mistake.NotForWeather
            or Mistake.CoverNotForWet
            or Mistake.OpenLampInCloset
            or Mistake.NearStorage
            or Mistake.DeviceTooDeep
            or Mistake.NotForAluminum => Skill.SpotDevices,
            _ => Skill.SpotBox,
        };

    /// <summary>How each skill went: a mistake found, found with the wrong severity, or missed. What was said and is not so goes against
    /// judging.</summary>
    public static IReadOnlyList<SkillGrade> Graded(SpotMarked marked)
    {
        ArgumentNullException.ThrowIfNull(marked);
        var found = marked.Lines.Where(l => l is { Outcome: SpotOutcome.Found, Mistake: not null }).ToList();
        var wrong = marked.Lines.Any(l => l.Mistake is null);
        return Skills.Worst([
            .. found.Select(l => new SkillGrade(Of(l.Mistake!.Mistake), Grade.Good)),
            .. marked.Missed.Select(m => new SkillGrade(Of(m.Mistake), Grade.Again)),
            .. found.Select(l => new SkillGrade(Skill.SpotSeverity, l.Severity == true ? Grade.Good : Grade.Again)),
            new(Skill.SpotFalse, wrong ? Grade.Again : Grade.Good),
        ]);
    }
}
