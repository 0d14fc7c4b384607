package app.carder.web.demo;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Random;
import javax.imageio.ImageIO;

/** Still lifes for the demo: materials and made things, drawn, never a face. */
enum DemoScene {
    /** No picture. */
    NONE {
        @Override
        void paint(Graphics2D paper, Random seeded) {}
    },
    /** A tray of rice with a scoop and two parcels. */
    RICE {
        @Override
        void paint(Graphics2D paper, Random seeded) {
            box(paper, 150, 200, 900, 520, new Color(0x8A6A48));
            box(paper, 180, 230, 840, 460, new Color(0xEFE6D0));
            for (int grain = 0; grain < 2600; grain++) {
                paper.setColor(new Color(0xF7F1E1 - seeded.nextInt(30)));
                paper.fill(turned(
                        new Ellipse2D.Double(-9, -3, 18, 6),
                        195 + seeded.nextInt(810),
                        245 + seeded.nextInt(430),
                        seeded.nextDouble() * Math.PI));
            }
            parcel(paper, 760, 300, 170, 130, 0.2, new Color(0xB98C57));
            parcel(paper, 300, 480, 120, 110, -0.3, new Color(0xC79A66));
            box(paper, 480, 360, 200, 70, new Color(0xA9743F));
            box(paper, 670, 385, 190, 22, new Color(0x8C5F32));
        }
    },
    /** A parcel tied with string. */
    KNOT {
        @Override
        void paint(Graphics2D paper, Random seeded) {
            parcel(paper, 600, 440, 560, 420, 0.06, new Color(0xC0935E));
            paper.setStroke(new BasicStroke(12, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
            paper.setColor(new Color(0x7A3E2A));
            Path2D bow = new Path2D.Double();
            bow.moveTo(600, 440);
            bow.curveTo(420, 240, 380, 480, 600, 440);
            bow.curveTo(780, 240, 840, 480, 600, 440);
            bow.moveTo(600, 440);
            bow.curveTo(560, 560, 500, 600, 470, 690);
            bow.moveTo(600, 440);
            bow.curveTo(650, 560, 700, 600, 760, 670);
            paper.draw(bow);
        }
    },
    /** A ramp on blocks with a ball and a block. */
    CHUTE {
        @Override
        void paint(Graphics2D paper, Random seeded) {
            for (int block = 0; block < 4; block++) {
                box(paper, 170, 640 - block * 75, 190, 70, new Color(0xB5854E - block * 0x050505));
            }
            Path2D ramp = new Path2D.Double();
            ramp.moveTo(170, 400);
            ramp.lineTo(1080, 690);
            ramp.lineTo(1080, 720);
            ramp.lineTo(170, 430);
            ramp.closePath();
            paper.setColor(new Color(0x6E7F8A));
            paper.fill(ramp);
            paper.setColor(new Color(0xA94E3B));
            paper.fill(new Ellipse2D.Double(560, 420, 110, 110));
            parcel(paper, 860, 570, 120, 90, 0.31, new Color(0xC79A66));
        }
    },
    /** Blocks of ice with coloured letters inside. */
    ICE {
        @Override
        void paint(Graphics2D paper, Random seeded) {
            paper.setColor(new Color(0x5E7F93));
            paper.fill(new Ellipse2D.Double(190, 170, 820, 620));
            paper.setColor(new Color(0x9DBBC9));
            paper.fill(new Ellipse2D.Double(230, 205, 740, 550));
            Color[] felt = {new Color(0xA94E3B), new Color(0x3F5F2E), new Color(0x234E70), new Color(0x8A5A00)};
            for (int block = 0; block < 7; block++) {
                int x = 340 + block % 3 * 190 + seeded.nextInt(50);
                int y = 300 + block / 3 * 140 + seeded.nextInt(30);
                paper.setColor(felt[block % felt.length]);
                paper.fill(turned(new Rectangle2D.Double(-30, -40, 60, 80), x, y, seeded.nextDouble()));
                paper.setColor(new Color(235, 245, 250, 150));
                paper.fill(turned(new Rectangle2D.Double(-75, -65, 150, 130), x, y, seeded.nextDouble() - 0.5));
            }
        }
    },
    /** A child's drawing of a bean with its first root. */
    BEAN {
        @Override
        void paint(Graphics2D paper, Random seeded) {
            box(paper, 120, 90, 960, 720, new Color(0xFCFAF4));
            paper.setStroke(new BasicStroke(11, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
            paper.setColor(new Color(0x7A3E2A));
            Path2D bean = new Path2D.Double();
            bean.moveTo(470, 300);
            bean.curveTo(520, 190, 760, 220, 740, 340);
            bean.curveTo(720, 450, 620, 380, 560, 400);
            bean.curveTo(470, 430, 440, 370, 470, 300);
            paper.draw(bean);
            paper.setColor(new Color(0x3F5F2E));
            Path2D root = new Path2D.Double();
            root.moveTo(575, 405);
            root.curveTo(560, 480, 640, 520, 590, 640);
            root.curveTo(580, 660, 620, 700, 600, 740);
            paper.draw(root);
            paper.setColor(new Color(0x234E70));
            paper.draw(new Ellipse2D.Double(230, 160, 110, 110));
        }
    },
    /** A sheet of prints. */
    STAMPS {
        @Override
        void paint(Graphics2D paper, Random seeded) {
            box(paper, 190, 130, 820, 640, new Color(0xFBF8F0));
            Color[] inks = {new Color(0xA94E3B), new Color(0x234E70)};
            for (int row = 0; row < 4; row++) {
                for (int column = 0; column < 6; column++) {
                    paper.setColor(inks[(row + column) % 2]);
                    paper.setStroke(new BasicStroke(9));
                    int x = 270 + column * 130 + seeded.nextInt(14);
                    int y = 220 + row * 145 + seeded.nextInt(14);
                    paper.draw(turned(new Rectangle2D.Double(-42, -48, 84, 96), x, y, seeded.nextDouble() * 0.2));
                    paper.fill(new Ellipse2D.Double(x - 20, y - 20, 40, 40));
                }
            }
        }
    },
    /** A heap of shredded paper with a parcel in it. */
    PAPER {
        @Override
        void paint(Graphics2D paper, Random seeded) {
            parcel(paper, 650, 380, 300, 220, -0.2, new Color(0xB98C57));
            paper.setStroke(new BasicStroke(9, BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND));
            for (int strip = 0; strip < 420; strip++) {
                int x = 120 + seeded.nextInt(960);
                int y = 420 + seeded.nextInt(340);
                paper.setColor(new Color(0xF4EBD6 - seeded.nextInt(3) * 0x101410));
                Path2D curl = new Path2D.Double();
                curl.moveTo(x, y);
                curl.curveTo(x + 40, y - 60 + seeded.nextInt(120), x + 90, y - 60 + seeded.nextInt(120), x + 130, y);
                paper.draw(curl);
            }
        }
    };

    private static final int WIDTH = 1200;
    private static final int HEIGHT = 900;

    abstract void paint(Graphics2D paper, Random seeded);

    /** The picture as PNG; the same every time. */
    byte[] draw() {
        BufferedImage picture = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_3BYTE_BGR);
        Graphics2D paper = picture.createGraphics();
        paper.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        Random seeded = new Random(name().hashCode());
        paper.setColor(new Color(0xCDBE9F));
        paper.fillRect(0, 0, WIDTH, HEIGHT);
        paper.setStroke(new BasicStroke(2));
        for (int line = 0; line < HEIGHT; line += 30) {
            paper.setColor(new Color(0xC2B28F + seeded.nextInt(6)));
            paper.drawLine(0, line + seeded.nextInt(8), WIDTH, line + seeded.nextInt(8));
        }
        paint(paper, seeded);
        paper.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(picture, "png", out);
        } catch (IOException inMemory) {
            throw new UncheckedIOException("Impossible state: drawing into memory failed.", inMemory);
        }
        return out.toByteArray();
    }

    private static void box(Graphics2D paper, int x, int y, int width, int height, Color color) {
        paper.setColor(color);
        paper.fillRoundRect(x, y, width, height, 18, 18);
    }

    private static void parcel(Graphics2D paper, int x, int y, int width, int height, double turn, Color color) {
        paper.setColor(color);
        paper.fill(turned(new Rectangle2D.Double(-width / 2.0, -height / 2.0, width, height), x, y, turn));
        paper.setColor(color.darker());
        paper.setStroke(new BasicStroke(7));
        paper.draw(turned(new Rectangle2D.Double(-width / 2.0, -3, width, 2), x, y, turn));
        paper.draw(turned(new Rectangle2D.Double(-3, -height / 2.0, 2, height), x, y, turn));
    }

    private static java.awt.Shape turned(java.awt.Shape shape, double x, double y, double turn) {
        AffineTransform place = AffineTransform.getTranslateInstance(x, y);
        place.rotate(turn);
        return place.createTransformedShape(shape);
    }
}
