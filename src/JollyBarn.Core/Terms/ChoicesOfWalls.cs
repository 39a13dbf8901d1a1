namespace JollyBarn.Terms;

/// <summary>Whether the surface of a wall burns.</summary>
public enum Finish
{
    Burns,
    DoesNot,
}

/// <summary>What stands before a box and stays there: its leads are brought out past it.</summary>
public enum InFront
{
    Nothing,
    Cabinet,
    Appliance,
}
