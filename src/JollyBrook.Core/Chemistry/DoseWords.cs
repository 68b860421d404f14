using JollyBrook.Core.Units;

namespace JollyBrook.Core.Chemistry;

/// <summary>A count as the hand takes it.</summary>
public static class DoseWords
{
    /// <summary>"1 tablet", "1.5 tablets", "11 drops", "7 + 7 drops".</summary>
    public static string Of(ProductForm form, double units)
    {
        var n = Speaker.Number(units, 2);
        return form switch
        {
            ProductForm.Tablet => units <= 1 ? $"{n} tablet" : $"{n} tablets",
            ProductForm.TwoPartDrops => $"{n} + {n} drops",
            _ => units <= 1 ? $"{n} drop" : $"{n} drops",
        };
    }
}
