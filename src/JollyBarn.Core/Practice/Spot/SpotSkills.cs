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
            Mistake.GroundLeftOff or Mistake.BoxNotBonded or Mistake.BondByCoverScrew or Mistake.TooManyOnScrewOfBox => Skill.SpotGrounding,
            Mistake.ConnectorSmall
            or Mistake.JointBare
            or Mistake.JointLoose
            or Mistake.CopperBelowConnector
            or Mistake.TwoOnOneScrew
            or Mistake.ThickInHole => Skill.SpotJoints,
            Mistake.CableNotHeld or Mistake.SheathShort or Mistake.SheathHurt or Mistake.FastenedFar => Skill.SpotCables,
            Mistake.LeadShort or Mistake.InsulationHurt or Mistake.CopperNicked or Mistake.ThinPigtail => Skill.SpotWires,
            Mistake.NotProtected or Mistake.NotTamperResistant or Mistake.YokeLoose => Skill.SpotDevices,
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
